package app.geminal.server.archive;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** The nightly backups over HTTP. */
@RestController
class NightlyController {
  private final NightlyBackups nightly;

  NightlyController(NightlyBackups nightly) {
    this.nightly = nightly;
  }

  /** The backups that are made every night: how many, how old, and whether one was proven. */
  @Operation(operationId = "getNightlyBackups")
  @GetMapping("/api/v1/backups")
  @RequiredRank(Rank.OWNER)
  NightlyBackups.Status status() {
    return nightly.status();
  }

  /** Makes a backup now; the answer says whether it worked. */
  @Operation(operationId = "backUpNow")
  @PostMapping("/api/v1/backups")
  @RequiredRank(Rank.OWNER)
  NightlyBackups.Status backUp() {
    nightly.now();
    return nightly.status();
  }
}
