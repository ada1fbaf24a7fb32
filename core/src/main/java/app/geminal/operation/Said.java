package app.geminal.operation;

import app.geminal.shop.ShopDefaults;
import app.geminal.text.MessageKey;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * How shorthand says a field of a step, and what it is where nothing is said of it.
 *
 * @param wording its value with or without words
 * @param usual what it is where nothing is said
 * @param isAlways whether it is said even where it is as usual
 * @param ifMissing what to answer where it is missing and must be said; null for a plain answer
 * @param mirror a list that is this one the other way round where this one is said without its
 *     word; null where there is none
 */
public record Said(
    Wording wording,
    Usual usual,
    boolean isAlways,
    @Nullable MessageKey ifMissing,
    @Nullable String mirror) {

  private static Said as(Wording wording) {
    return new Said(wording, (_, _) -> Usual.Value.MUST_BE_SAID, false, null, null);
  }

  /** Its value alone. */
  public static Said alone() {
    return as(new Wording.Alone(""));
  }

  /** Its value alone, perhaps with the word for one of them or several. */
  public static Said alone(String unit) {
    return as(new Wording.Alone(unit));
  }

  /** After the field before it and an x. */
  public static Said by() {
    return as(new Wording.By());
  }

  /** After a word. */
  public static Said after(String word) {
    return as(new Wording.After(word, false));
  }

  /** After a comma and a word, even where it is the first to be said. */
  public static Said apartAfter(String word) {
    return as(new Wording.After(word, true));
  }

  /** Before a word that takes an s for several. */
  public static Said before(String one) {
    return as(new Wording.Before(one, one + "s"));
  }

  /** Before a word that is the same for one. */
  public static Said beforeSame(String word) {
    return as(new Wording.Before(word, word));
  }

  /** Yes where the word is said. */
  public static Said yesBy(String word) {
    return as(new Wording.YesByWord(word, "")).usually(false);
  }

  /** No where the word is said. */
  public static Said noBy(String word) {
    return as(new Wording.YesByWord("", word)).usually(true);
  }

  /** A word for yes, a word for no. */
  public static Said either(String yes, String no) {
    return as(new Wording.YesByWord(yes, no));
  }

  /** One of the words of its choice. */
  public static Said byChoice() {
    return as(new Wording.ByChoice());
  }

  /** What it is where nothing is said of it. */
  public Said usually(@Nullable Object value) {
    return usuallyBy((_, _) -> Usual.Value.of(value));
  }

  /** What it is in a shop of such habits where nothing is said of it. */
  public Said usuallyIn(Function<ShopDefaults, Object> habit) {
    return usuallyBy((shop, _) -> Usual.Value.of(habit.apply(shop)));
  }

  /** The same as another field where nothing is said of it. */
  public Said usuallyAs(String other) {
    return usuallyBy((_, said) -> Usual.Value.of(said.get(other)));
  }

  /** What it is where nothing is said of it, by a rule. */
  public Said usuallyBy(Usual rule) {
    return new Said(wording, rule, isAlways, ifMissing, mirror);
  }

  /** Said even where it is as usual. */
  public Said always() {
    return new Said(wording, usual, true, ifMissing, mirror);
  }

  /** What to answer where it is missing and must be said. */
  public Said ifMissing(MessageKey words) {
    return new Said(wording, usual, isAlways, words, mirror);
  }

  /** Said without its word, another list is this one the other way round. */
  public Said mirroredBy(String other) {
    return new Said(wording, usual, isAlways, ifMissing, other);
  }
}
