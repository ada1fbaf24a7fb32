package app.geminal.server.account;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.units.UnitSystem;
import java.time.Clock;
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
  private static final int LONGEST_PASSWORD = 200;

  private final AccountRepository accounts;
  private final PasswordEncoder passwords;
  private final Clock clock;

  Accounts(AccountRepository accounts, PasswordEncoder passwords, Clock clock) {
    this.accounts = accounts;
    this.passwords = passwords;
    this.clock = clock;
  }

  @Override
  public UserDetails loadUserByUsername(String login) {
    return accounts
        .find(login)
        .map(a -> User.withUsername(a.login()).password(a.passwordHash()).roles("SMITH").build())
        .orElseThrow(() -> new UsernameNotFoundException("unknown"));
  }

  /** Whether nobody can sign in yet. */
  public boolean isEmpty() {
    return accounts.isEmpty();
  }

  /**
   * Adds a person.
   *
   * @throws BadValue when a field breaks its rule
   */
  @Transactional
  public void add(String login, String name, String password, UnitSystem units) {
    Require.text("login", login, 40);
    if (!login.matches("[\\p{L}\\p{N}._-]+")) {
      throw new BadValue("login", "A sign-in name has letters, digits, dot, dash and _ only.");
    }
    Require.text("name", name, 80);
    Require.text("password", password, LONGEST_PASSWORD);
    if (password.length() < SHORTEST_PASSWORD) {
      throw new BadValue(
          "password",
          "A password has at least %d characters; a short sentence is easy to keep."
              .formatted(SHORTEST_PASSWORD));
    }
    if (accounts.find(login).isPresent()) {
      throw new BadValue("login", "Somebody has this sign-in name already.");
    }
    accounts.add(login, name, passwords.encode(password), units, clock.instant());
  }

  /** The units a person reads and types. */
  public UnitSystem units(String login) {
    return accounts.find(login).map(Account::units).orElse(UnitSystem.METRIC);
  }

  Account get(String login) {
    return accounts.find(login).orElseThrow(() -> new UsernameNotFoundException("unknown"));
  }

  /** The account's number, for the Book. */
  public long id(String login) {
    return get(login).id();
  }

  void setUnits(String login, UnitSystem units) {
    accounts.setUnits(login, Require.present("units", units));
  }
}
