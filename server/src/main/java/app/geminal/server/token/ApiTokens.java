package app.geminal.server.token;

import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.problem.NotFound;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tokens that scripts sign in with: made once, shown once, revoked at any time. */
@Service
class ApiTokens {
  /** Distinguished from other secrets at a glance, also by tools that search for leaked ones. */
  private static final String PREFIX = "geminal_";

  private static final int SECRET_BYTES = 32;
  private static final int LONGEST_SECRET = 100;
  private static final int MOST = 50;
  private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

  private final SecureRandom random = new SecureRandom();
  private final ApiTokenRepository tokens;
  private final Accounts accounts;
  private final Clock clock;

  ApiTokens(ApiTokenRepository tokens, Accounts accounts, Clock clock) {
    this.tokens = tokens;
    this.accounts = accounts;
    this.clock = clock;
  }

  /**
   * A token just made.
   *
   * @param token the token
   * @param secret what the script sends; it cannot be shown again
   */
  record Made(ApiToken token, String secret) {}

  /**
   * Makes a token.
   *
   * @throws InvalidValue when its name or rank breaks its rule
   */
  @Transactional
  public Made make(String login, String name, Rank rank) {
    Require.text("name", name, 80);
    if (!accounts.rank(login).isAtLeast(Require.present("rank", rank))) {
      throw new InvalidValue("rank", TokenText.TOKEN_CANNOT_HAVE_HIGHER_RANK_THAN.with());
    }
    if (tokens.of(login).size() >= MOST) {
      throw new InvalidValue("", TokenText.TOO_MANY_TOKENS.with("most", MOST));
    }
    byte[] bytes = new byte[SECRET_BYTES];
    random.nextBytes(bytes);
    String secret = PREFIX + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    long id = tokens.add(accounts.id(login), name, rank, hash(secret), clock.instant());
    return new Made(tokens.find(id).orElseThrow(), secret);
  }

  /** A person's tokens; everyone's for an owner. */
  @Transactional(readOnly = true)
  public List<ApiToken> shownTo(String login) {
    return accounts.rank(login) == Rank.OWNER ? tokens.all() : tokens.of(login);
  }

  /**
   * Revokes a token: from now on it opens nothing.
   *
   * @throws NotFound when there is none of that number that this person may see
   */
  @Transactional
  public void revoke(String login, long id) {
    if (shownTo(login).stream().noneMatch(t -> t.id() == id)) {
      throw new NotFound(TokenText.NO_TOKEN.with("number", id));
    }
    tokens.revoke(id, clock.instant());
  }

  /** The token with this secret, where it still opens something; notes that it was used. */
  @Transactional
  public Optional<ApiToken> use(String secret) {
    if (!secret.startsWith(PREFIX) || secret.length() > LONGEST_SECRET) {
      return Optional.empty();
    }
    Optional<ApiToken> token = tokens.find(hash(secret));
    Instant now = clock.instant();
    token
        .filter(t -> t.lastUsedAt() == null || t.lastUsedAt().plus(NOTED_EVERY).isBefore(now))
        .ifPresent(t -> tokens.used(t.id(), now));
    return token;
  }

  /** Secrets are random and long, so that a plain hash cannot be searched. */
  private static byte[] hash(String secret) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
