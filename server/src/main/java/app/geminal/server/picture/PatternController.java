package app.geminal.server.picture;

import app.geminal.library.pattern.NamedPattern;
import app.geminal.library.pattern.ShippedPatterns;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Patterns with a name, to begin with. */
@RestController
class PatternController {
  private final List<NamedPattern> patterns = ShippedPatterns.read();

  /** All of them. */
  @Operation(operationId = "listPatterns")
  @GetMapping("/api/v1/patterns")
  List<NamedPattern> patterns() {
    return patterns;
  }
}
