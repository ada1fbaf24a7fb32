package app.geminal.server.account;

import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of the shop over HTTP. */
@RestController
class PeopleController {
  private final Accounts accounts;
  private final GuessLimiter guesses;
  private final SignIns signIns;
  private final SignInLengths lengths;

  PeopleController(
      Accounts accounts, GuessLimiter guesses, SignIns signIns, SignInLengths lengths) {
    this.accounts = accounts;
    this.guesses = guesses;
    this.signIns = signIns;
    this.lengths = lengths;
  }

  /**
   * A person as the owner sees them; no one sees a password.
   *
   * @param id number
   * @param login name to sign in with
   * @param name name
   * @param rank what they may do
   * @param mayEnter whether they may sign in
   */
  record PersonView(long id, String login, String name, Rank rank, boolean mayEnter) {
    static PersonView of(Account a) {
      return new PersonView(a.id(), a.login(), a.name(), a.rank(), a.mayEnter());
    }
  }

  /**
   * Someone to let in.
   *
   * @param login name to sign in with
   * @param name name
   * @param password password, 8 to 200 characters
   * @param units units shown
   * @param rank what they may do
   */
  record NewPerson(String login, String name, String password, UnitSystem units, Rank rank) {}

  /**
   * What becomes of someone.
   *
   * @param rank what they may do
   * @param mayEnter whether they may sign in
   */
  record ChangedPerson(Rank rank, boolean mayEnter) {}

  /**
   * A password, with the one it replaces where it is one's own.
   *
   * @param old the password until now, null or empty where the owner gives one
   * @param password the new password, 8 to 200 characters
   */
  record NewPassword(String old, String password) {}

  /** Everyone who can sign in. */
  @Operation(operationId = "listPeople")
  @GetMapping("/api/v1/people")
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  List<PersonView> people() {
    return accounts.all().stream().map(PersonView::of).toList();
  }

  /** Adds a person. */
  @Operation(operationId = "addPerson")
  @PostMapping("/api/v1/people")
  @ResponseStatus(HttpStatus.CREATED)
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  PersonView letIn(@RequestBody NewPerson body) {
    return PersonView.of(
        accounts.add(
            body.login(),
            body.name(),
            body.password(),
            new Units(Require.present("units", body.units())),
            body.rank()));
  }

  /** Changes what a person may do. */
  @Operation(operationId = "changePerson")
  @PutMapping("/api/v1/people/{id}")
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  PersonView change(@PathVariable long id, @RequestBody ChangedPerson body) {
    return PersonView.of(accounts.change(id, body.rank(), body.mayEnter()));
  }

  /**
   * A password the owner gives someone; ends that person's sign-ins.
   *
   * @param password password, 8 to 200 characters
   */
  record GivenPassword(String password) {}

  /** Sets a person's password; their sign-ins end. */
  @Operation(operationId = "setPassword")
  @PutMapping("/api/v1/people/{id}/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  void givePassword(@PathVariable long id, @RequestBody GivenPassword body) {
    accounts.givePassword(id, body.password());
  }

  /**
   * After how many days without use a sign-in ends.
   *
   * @param days days without use after which a sign-in ends, 1 to 90
   */
  record Days(int days) {}

  /** After how many days without use sign-ins end, for each rank. */
  @Operation(operationId = "listSignInLengths")
  @GetMapping("/api/v1/sign-in-lengths")
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  List<SignInLengths.SignInLength> signInLengths() {
    return lengths.all();
  }

  /** Sets after how many days without use sign-ins of a rank end. */
  @Operation(operationId = "setSignInLength")
  @PutMapping("/api/v1/sign-in-lengths/{rank}")
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  List<SignInLengths.SignInLength> chooseLength(@PathVariable Rank rank, @RequestBody Days body) {
    return lengths.choose(rank, body.days());
  }

  /** One's own sign-ins, this one first. */
  @Operation(operationId = "listSignIns")
  @GetMapping("/api/v1/settings/sign-ins")
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  List<SignIns.SignIn> signIns(Principal who, HttpServletRequest request) {
    return signIns.of(who.getName(), SignIns.here(request));
  }

  /** Signs out everywhere else. */
  @Operation(operationId = "endOtherSignIns")
  @PostMapping("/api/v1/settings/sign-ins/end-others")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  void endOthers(Principal who, HttpServletRequest request) {
    signIns.end(who.getName(), SignIns.here(request));
  }

  /** Changes one's own password; every other sign-in ends. */
  @Operation(operationId = "changeOwnPassword")
  @PutMapping("/api/v1/settings/password")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  void changePassword(@RequestBody NewPassword body, Principal who, HttpServletRequest request) {
    String login = who.getName();
    guesses.require(login, request.getRemoteAddr());
    if (!accounts.isPassword(login, body.old())) {
      throw new InvalidValue("old", AccountText.THIS_IS_NOT_YOUR_PASSWORD.with());
    }
    guesses.right(login, request.getRemoteAddr());
    accounts.setPassword(login, body.password(), SignIns.here(request));
  }
}
