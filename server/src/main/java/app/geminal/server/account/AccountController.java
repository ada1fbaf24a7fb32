package app.geminal.server.account;

import app.geminal.units.QuantityKind;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * Who is signed in, the first owner, a person's settings. Signing in and out is Spring Security's.
 */
@RestController
class AccountController {
  private final Accounts accounts;
  private final OwnerCode ownerCode;
  private final DemoAccount demo;
  private final TokenCookie tokenCookie;

  AccountController(
      Accounts accounts, OwnerCode ownerCode, DemoAccount demo, TokenCookie tokenCookie) {
    this.accounts = accounts;
    this.ownerCode = ownerCode;
    this.demo = demo;
    this.tokenCookie = tokenCookie;
  }

  /**
   * What the sign-in page needs to know of a demo shop.
   *
   * @param login name to sign in with
   * @param password its password
   */
  record DemoSignIn(String login, String password) {}

  /**
   * Who is signed in.
   *
   * @param login name signed in with, null where no one is
   * @param name name of the person who is signed in, null where no one is
   * @param units units they read: a system, and quantities read in the other one
   * @param rank what they may do, null where no one is signed in
   * @param ownerNeeded no one can sign in yet: the first visitor becomes the owner
   * @param demo how to sign in to the demo shop, null in any other
   * @param tokenCookie cookie whose value is sent as X-XSRF-TOKEN with every change
   */
  record Session(
      @Nullable String login,
      @Nullable String name,
      UnitsBody units,
      @Nullable Rank rank,
      boolean ownerNeeded,
      @Nullable DemoSignIn demo,
      String tokenCookie) {}

  /**
   * The first owner.
   *
   * @param code the code printed on the console at the first start
   * @param login name to sign in with
   * @param name name
   * @param password password, 8 to 200 characters
   * @param units units shown
   */
  record NewOwner(String code, String login, String name, String password, UnitSystem units) {}

  /**
   * A person's settings.
   *
   * @param units units they read: a system, and quantities read in the other one
   */
  record Settings(UnitsBody units) {}

  /**
   * The units a person reads and types.
   *
   * @param system for everything else
   * @param chosen quantities read in the other system, such as temperatures in °C beside inches
   */
  record UnitsBody(UnitSystem system, @Nullable Map<QuantityKind, UnitSystem> chosen) {
    static UnitsBody of(Units units) {
      return new UnitsBody(units.system(), units.chosen());
    }

    Units units() {
      Map<QuantityKind, UnitSystem> differs = new EnumMap<>(QuantityKind.class);
      Objects.requireNonNullElse(chosen, Map.<QuantityKind, UnitSystem>of())
          .forEach((kind, one) -> differs.put(kind, Require.present("units/chosen", one)));
      return new Units(Require.present("units/system", system), differs);
    }
  }

  /** Who is signed in. */
  @Operation(operationId = "getSignIn")
  @GetMapping("/api/v1/session")
  Session session(@Nullable Principal who, @Parameter(hidden = true) CsrfToken csrf) {
    // Asking for the token makes the filter send its cookie, which every change must echo.
    csrf.getToken();
    if (who == null) {
      return new Session(
          null,
          null,
          UnitsBody.of(Units.METRIC),
          null,
          accounts.isEmpty(),
          Optional.of(demo)
              .filter(DemoAccount::isOpen)
              .map(d -> new DemoSignIn(d.login(), d.password()))
              .orElse(null),
          tokenCookie.name());
    }
    Account account = accounts.get(who.getName());
    return new Session(
        account.login(),
        account.name(),
        UnitsBody.of(account.units()),
        account.rank(),
        false,
        null,
        tokenCookie.name());
  }

  /** Makes the first visitor the owner, with the code printed on the console. */
  @Operation(operationId = "createOwner")
  @PostMapping("/api/v1/owner")
  @ResponseStatus(HttpStatus.CREATED)
  void makeOwner(@RequestBody NewOwner owner, HttpServletRequest request) {
    String code = Require.text("code", owner.code(), 40);
    ownerCode.use(code, request.getRemoteAddr());
    try {
      accounts.add(
          owner.login(),
          owner.name(),
          owner.password(),
          new Units(Require.present("units", owner.units())),
          Rank.OWNER);
    } catch (RuntimeException e) {
      ownerCode.restore(code);
      throw e;
    }
    ownerCode.forget();
  }

  /** Changes one's own settings. */
  @Operation(operationId = "changeSettings")
  @PutMapping("/api/v1/settings")
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  Settings change(@RequestBody Settings settings, Principal who) {
    Units units = Require.present("units", settings.units()).units();
    accounts.setUnits(who.getName(), units);
    return new Settings(UnitsBody.of(units));
  }
}
