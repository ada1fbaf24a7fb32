package app.geminal.server.removed;

import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The place where everything is found again that was archived or deleted. Each kind comes back by
 * its own way in: {@code on-rack}, {@code on-shelf}, {@code list}, {@code restore}.
 */
@RestController
class RemovedItemController {
  private final RemovedItemService putAway;

  RemovedItemController(RemovedItemService putAway) {
    this.putAway = putAway;
  }

  /** What was archived or deleted and can be restored. */
  @Operation(operationId = "listArchived")
  @GetMapping("/api/v1/removed-items")
  List<RemovedItem> all() {
    return putAway.all();
  }
}
