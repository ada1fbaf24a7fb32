package app.geminal.server.account;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** After how long without use a sign-in ends; the owner chooses, for each rank. */
@Service
public class SignInLengths {
  /** What holds for a rank the owner has not chosen for. */
  private static final int USUAL_DAYS = 30;

  /** The longest; the browser keeps a sign-in's cookie no longer either. */
  static final int MOST_DAYS = 90;

  private final SignInLengthRepository lengths;
  private final AccountRepository accounts;
  private final SignIns signIns;

  SignInLengths(SignInLengthRepository lengths, AccountRepository accounts, SignIns signIns) {
    this.lengths = lengths;
    this.accounts = accounts;
    this.signIns = signIns;
  }

  /**
   * How long the sign-ins of a rank last.
   *
   * @param rank what they may do
   * @param days without use after which one ends, 1 to 90
   */
  record SignInLength(Rank rank, int days) {}

  /** All ranks', the owner's first. */
  @Transactional(readOnly = true)
  public List<SignInLength> all() {
    var chosen = lengths.chosen();
    return Stream.of(Rank.OWNER, Rank.SMITH, Rank.APPRENTICE, Rank.GUEST)
        .map(r -> new SignInLength(r, chosen.getOrDefault(r, USUAL_DAYS)))
        .toList();
  }

  /** How long someone's sign-in lasts without use. */
  @Transactional(readOnly = true)
  public Duration of(String login) {
    Rank rank = accounts.find(login).map(Account::rank).orElse(Rank.GUEST);
    return Duration.ofDays(lengths.chosen().getOrDefault(rank, USUAL_DAYS));
  }

  /**
   * Chooses for a rank, also for the sign-ins that are there: one unused for longer has ended.
   *
   * @throws InvalidValue outside 1 to 90 days
   */
  @Transactional
  public List<SignInLength> choose(Rank rank, int days) {
    lengths.choose(rank, Require.count("days", days, 1, MOST_DAYS));
    accounts.all().stream()
        .filter(a -> a.rank() == rank)
        .forEach(a -> signIns.last(a.login(), Duration.ofDays(days)));
    return all();
  }
}
