package app.geminal.server.token;

import app.geminal.server.account.LimitedPrincipal;
import app.geminal.server.account.Rank;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AbstractAuthenticationToken;

/** Who is signed in by a token: its person, who may do what the token may. */
final class TokenSignIn extends AbstractAuthenticationToken implements LimitedPrincipal {
  private static final long serialVersionUID = 1L;

  private final String login;
  private final Rank mostRank;

  TokenSignIn(ApiToken token) {
    super(List.of());
    this.login = token.login();
    this.mostRank = token.rank();
    setAuthenticated(true);
  }

  @Override
  public Object getCredentials() {
    return "";
  }

  @Override
  public Object getPrincipal() {
    return login;
  }

  @Override
  public Rank mostRank() {
    return mostRank;
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return super.equals(other) && other instanceof TokenSignIn that && mostRank == that.mostRank;
  }

  @Override
  public int hashCode() {
    return 31 * super.hashCode() + mostRank.hashCode();
  }
}
