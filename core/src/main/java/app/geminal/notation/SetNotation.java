package app.geminal.notation;

import app.geminal.operation.SetWeld;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.units.Temperatures;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Method;
import app.geminal.weld.Tack;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The words after {@code set}, in any order: heats, 8%, 1180C, 15min, 2 bites, an atmosphere
 * protection, what holds the stack, what squeezes it. Package use only.
 */
final class SetNotation {
  private static final Pattern PART =
      Pattern.compile(
          "(?i)(\\d+(?:\\.\\d+)?|\\.\\d+)\\s*(%|min|°?\\s*[CF]\\b|heats?|bites?)?|(\\p{L}+)|[\\s,]+");

  /** Every word that is alone, with what it changes; no word means two things. */
  private static final Map<String, UnaryOperator<SetWeld>> WORDS = words();

  private final Reading reading;

  SetNotation(Reading reading) {
    this.reading = reading;
  }

  private static Map<String, UnaryOperator<SetWeld>> words() {
    Map<String, UnaryOperator<SetWeld>> words = new LinkedHashMap<>();
    for (AtmosphereProtection protection : AtmosphereProtection.values()) {
      words.put(protection.word(), w -> w.withProtection(protection));
    }
    for (Tack tack : Tack.values()) {
      words.put(tack.word(), w -> w.withTack(tack));
    }
    for (Jacket jacket : Jacket.values()) {
      words.put(jacket.word(), w -> w.withJacket(jacket));
    }
    for (Tool tool : Tool.values()) {
      words.put(tool.word(), w -> w.withTool(tool));
    }
    for (Method method : Method.values()) {
      words.put(method.word(), w -> w.withMethod(method));
    }
    return words;
  }

  SetWeld read(Span text) {
    SetWeld weld = SetWeld.of(reading.defaults());
    Matcher m = PART.matcher(text.text());
    int at = 0;
    while (at < text.text().length()) {
      m.region(at, text.text().length());
      if (!m.lookingAt()) {
        throw text.after(at).misread(NotationText.AFTER_SET.with());
      }
      if (m.group(1) != null || m.group(3) != null) {
        weld = with(weld, m, text.part(m.start(), m.end()));
      }
      at = m.end();
    }
    return weld;
  }

  private SetWeld with(SetWeld weld, Matcher m, Span part) {
    if (m.group(3) != null) {
      UnaryOperator<SetWeld> change = WORDS.get(part.text().toLowerCase(Locale.ROOT));
      if (change == null) {
        throw part.misread(
            NotationText.PROTECTION_WORDS.with(
                "words", String.join(", ", WORDS.keySet().stream().skip(4).toList())));
      }
      return change.apply(weld);
    }
    String unit = m.group(2) == null ? "" : m.group(2).toLowerCase(Locale.ROOT);
    if (unit.equals("%")) {
      return weld.withReduction(new BigDecimal(m.group(1)).movePointLeft(2).doubleValue());
    }
    if (unit.equals("min")) {
      return weld.withSoakMin(Double.parseDouble(m.group(1)));
    }
    if (unit.endsWith("c") || unit.endsWith("f")) {
      return weld.withTemperatureC(Temperatures.parseC(part.text(), reading.units()));
    }
    if (!m.group(1).matches("\\d{1,3}")) {
      throw part.misread(NotationText.HEATS_ARE_WHOLE.with());
    }
    int count = Integer.parseInt(m.group(1));
    return unit.startsWith("bite") ? weld.withBites(count) : weld.withHeats(count);
  }

  /** Says what differs from the shop's habit. */
  String write(SetWeld weld) {
    ShopDefaults defaults = reading.defaults();
    SetWeld usual = SetWeld.of(defaults);
    StringBuilder words = new StringBuilder("set ").append(weld.heats());
    say(words, weld.reduction() != usual.reduction(), Reading.percent(weld.reduction()));
    say(
        words,
        weld.temperatureC() != usual.temperatureC(),
        reading.temperature(weld.temperatureC()));
    say(words, weld.soakMin() != usual.soakMin(), Reading.plain(weld.soakMin()) + "min");
    say(words, weld.protection() != usual.protection(), weld.protection().word());
    say(words, weld.tack() != usual.tack(), weld.tack().word());
    say(words, weld.jacket() != usual.jacket(), weld.jacket().word());
    say(words, weld.tool() != usual.tool(), weld.tool().word());
    say(words, weld.method() != usual.method(), weld.method().word());
    say(words, weld.bites() != usual.bites(), Reading.counted(weld.bites(), "bite"));
    return words.toString();
  }

  private static void say(StringBuilder words, boolean differs, String word) {
    if (differs) {
      words.append(' ').append(word);
    }
  }
}
