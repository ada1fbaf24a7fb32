package app.geminal.server.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The demo shop's sign-in, shown on the sign-in page; none when started empty. */
@Component
public class DemoAccount {
  private final boolean open;

  DemoAccount(@Value("${geminal.demo}") boolean open) {
    this.open = open;
  }

  /** Whether this is a demo shop. */
  public boolean isOpen() {
    return open;
  }

  public String login() {
    return "wharf";
  }

  public String password() {
    return "low-tide-forge";
  }
}
