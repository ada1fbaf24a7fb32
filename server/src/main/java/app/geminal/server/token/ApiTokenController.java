package app.geminal.server.token;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tokens for scripts over HTTP. */
@RestController
class ApiTokenController {
  private final ApiTokens tokens;

  ApiTokenController(ApiTokens tokens) {
    this.tokens = tokens;
  }

  /**
   * A token to make.
   *
   * @param name what it is for, 1 to 80 characters
   * @param rank the most it may do
   */
  record NewToken(String name, Rank rank) {}

  /** One's own tokens; everyone's for an owner. */
  @Operation(operationId = "listTokens")
  @GetMapping("/api/v1/tokens")
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  List<ApiToken> all(Principal who) {
    return tokens.shownTo(who.getName());
  }

  /** Makes a token. Its secret is in this answer and nowhere else. */
  @Operation(operationId = "createToken")
  @PostMapping("/api/v1/tokens")
  @ResponseStatus(HttpStatus.CREATED)
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  ApiTokens.Made make(@RequestBody NewToken body, Principal who) {
    return tokens.make(who.getName(), body.name(), body.rank());
  }

  /** Revokes a token; it opens nothing from then on. */
  @Operation(operationId = "revokeToken")
  @PostMapping("/api/v1/tokens/{id}/revoke")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  void revoke(@PathVariable long id, Principal who) {
    tokens.revoke(who.getName(), id);
  }
}
