package app.geminal.server.account;

import app.geminal.server.problem.NotFound;
import app.geminal.server.turn.Turns;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** People who may sign in: finding, adding, their settings. */
@Service
public class Accounts implements UserDetailsService {
  private static final int SHORTEST_PASSWORD = 10;

  /** What bcrypt takes in; letters with accents count twice or more. */
  private static final int MOST_PASSWORD_BYTES = 72;

  private final AccountRepository accounts;
  private final PasswordEncoder passwords;
  private final SignIns signIns;
  private final SignInLengths lengths;
  private final Clock clock;

  Accounts(
      AccountRepository accounts,
      PasswordEncoder passwords,
      SignIns signIns,
      SignInLengths lengths,
      Clock clock) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.signIns = signIns;
    this.lengths = lengths;
    this.clock = clock;
  }

  @Override
  public UserDetails loadUserByUsername(String login) {
    return accounts
        .find(login)
        .map(a ->
            User.withUsername(a.login())
                .password(a.passwordHash())
                .roles(a.rank().name())
                .disabled(!a.mayEnter())
                .build())
        .orElseThrow(() -> new UsernameNotFoundException("unknown"));
  }

  /** Whether no one can sign in yet. */
  public boolean isEmpty() {
    return accounts.isEmpty();
  }

  /**
   * Adds a person.
   *
   * @throws InvalidValue when a field breaks its rule
   */
  @Transactional
  public Account add(String login, String name, String password, Units units, Rank rank) {
    Require.text("login", login, 40);
    if (!login.matches("[\\p{L}\\p{N}._-]+")) {
      throw new InvalidValue("login", AccountText.SIGN_IN_NAME.with());
    }
    Require.text("name", name, 80);
    requirePassword(password);
    Require.present("units", units);
    Require.present("rank", rank);
    if (accounts.find(login).isPresent()) {
      throw nameTaken();
    }
    try {
      accounts.add(login, name, passwords.encode(password), units, rank, clock.instant());
    } catch (DuplicateKeyException e) {
      // Someone else was quicker by a moment.
      throw nameTaken();
    }
    return get(login);
  }

  private static InvalidValue nameTaken() {
    return new InvalidValue("login", AccountText.SIGN_IN_NAME_TAKEN.with());
  }

  private static void requirePassword(String password) {
    Require.text("password", password, MOST_PASSWORD_BYTES);
    int bytes = password.getBytes(StandardCharsets.UTF_8).length;
    if (bytes > MOST_PASSWORD_BYTES) {
      throw new InvalidValue(
          "password",
          AccountText.PASSWORD_TOO_LONG.with("bytes", bytes, "most", MOST_PASSWORD_BYTES));
    }
    if (password.length() < SHORTEST_PASSWORD) {
      throw new InvalidValue(
          "password", AccountText.PASSWORD_TOO_SHORT.with("least", SHORTEST_PASSWORD));
    }
  }

  /** Everyone, those who may not enter any more too. */
  @Transactional(readOnly = true)
  public List<Account> all() {
    return accounts.all();
  }

  /** The names people sign in with. */
  @Transactional(readOnly = true)
  public List<String> logins() {
    return accounts.all().stream().map(Account::login).toList();
  }

  /**
   * Gives someone another rank, or shuts them out or lets them in again.
   *
   * @throws InvalidValue when no owner would be left
   */
  @Transactional
  public Account change(long id, Rank rank, boolean mayEnter) {
    Account there = accounts.find(id).orElseThrow(() -> notFound(id));
    Require.present("rank", rank);
    boolean stays = rank == Rank.OWNER && mayEnter;
    if (there.rank() == Rank.OWNER && !stays && accounts.otherOwners(id) == 0) {
      throw new InvalidValue("rank", AccountText.THERE_IS_NO_OTHER_OWNER.with());
    }
    accounts.change(id, rank, mayEnter);
    if (!mayEnter) {
      signIns.end(there.login(), null);
    } else if (there.rank() != rank) {
      signIns.last(there.login(), lengths.of(there.login()));
    }
    return accounts.find(id).orElseThrow();
  }

  /** Whether this is someone's password. */
  @Transactional(readOnly = true)
  public boolean isPassword(String login, String password) {
    return passwords.matches(Require.present("old", password), get(login).passwordHash());
  }

  /**
   * Sets someone's password and ends their sign-ins.
   *
   * @param here the sign-in that stays, or null for none
   * @throws InvalidValue when the password is too short or too long
   */
  @Transactional
  public void setPassword(String login, String password, @Nullable String here) {
    requirePassword(password);
    accounts.setPassword(get(login).id(), passwords.encode(password));
    signIns.end(login, here);
  }

  /**
   * Gives someone a new password, because they forgot theirs.
   *
   * @throws InvalidValue when the password is too short or too long
   */
  @Transactional
  public void givePassword(long id, String password) {
    Account there = accounts.find(id).orElseThrow(() -> notFound(id));
    setPassword(there.login(), password, null);
  }

  private static NotFound notFound(long id) {
    return new NotFound(AccountText.NO_PERSON.with("number", id));
  }

  /**
   * What someone may do.
   *
   * @throws AccessDeniedException for one who may not enter any more
   */
  @Transactional(readOnly = true)
  public Rank rank(String login) {
    return accounts
        .find(login)
        .filter(Account::mayEnter)
        .map(Account::rank)
        .orElseThrow(() -> new AccessDeniedException("not let in any more"));
  }

  /**
   * Whose turn it is when someone asks for costly work: everyone has turns of their own, and all
   * guests together have one.
   */
  @Transactional(readOnly = true)
  public Turns.Person turnOf(String login) {
    return rank(login) == Rank.GUEST ? new Turns.Person("all guests", 1) : Turns.Person.of(login);
  }

  /** The units a person reads and types. */
  public Units units(String login) {
    return accounts.find(login).map(Account::units).orElse(Units.METRIC);
  }

  Account get(String login) {
    return accounts.find(login).orElseThrow(() -> new UsernameNotFoundException("unknown"));
  }

  /** The account's number, for the Book. */
  public long id(String login) {
    return get(login).id();
  }

  void setUnits(String login, Units units) {
    accounts.setUnits(login, Require.present("units", units));
  }
}
