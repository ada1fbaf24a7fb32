package app.geminal.server.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The cookie whose value a page must send along with every change. Two shops of one machine have
 * cookies of different names: a browser sends the cookies of a host to all its ports.
 */
@Component
public class TokenCookie {
  private final String name;

  TokenCookie(@Value("${geminal.cookie-suffix}") String suffix) {
    this.name = "XSRF-TOKEN" + suffix;
  }

  /** Its name. */
  public String name() {
    return name;
  }
}
