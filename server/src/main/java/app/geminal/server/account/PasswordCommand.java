package app.geminal.server.account;

import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Component;

/**
 * bin/new-password: gives someone a new password and ends the server. For an owner who is locked
 * out; the person who may run it on the machine itself may read everything there anyway.
 */
@Component
@Lazy(false)
class PasswordCommand {
  private static final int LENGTH = 16;

  private final Accounts accounts;
  private final ConfigurableApplicationContext context;
  private final String login;

  PasswordCommand(
      Accounts accounts,
      ConfigurableApplicationContext context,
      @Value("${geminal.new-password:}") String login) {
    this.accounts = accounts;
    this.context = context;
    this.login = login;
  }

  @EventListener(ApplicationReadyEvent.class)
  @Order(0)
  void run() {
    if (login.isEmpty()) {
      return;
    }
    int code = 0;
    try {
      String password = OwnerCode.made(LENGTH).toLowerCase(Locale.ROOT);
      accounts.setPassword(login, password, null);
      System.out.println("password: " + password);
    } catch (UsernameNotFoundException e) {
      System.out.println("archive: no one signs in here as “" + login + "”.");
      code = 1;
    }
    int result = code;
    System.exit(SpringApplication.exit(context, () -> result));
  }
}
