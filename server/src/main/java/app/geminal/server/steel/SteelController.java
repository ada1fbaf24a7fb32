package app.geminal.server.steel;

import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The steels at hand. */
@RestController
class SteelController {
  private final Steels steels;

  SteelController(Steels steels) {
    this.steels = steels;
  }

  /** All steels, in the order of the shipped table. */
  @GetMapping("/api/steels")
  List<Steel> all() {
    return steels.all();
  }
}
