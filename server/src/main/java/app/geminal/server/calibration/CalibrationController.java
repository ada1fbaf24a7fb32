package app.geminal.server.calibration;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the shop has learned, over HTTP. */
@RestController
class CalibrationController {
  private final CalibrationService service;

  CalibrationController(CalibrationService service) {
    this.service = service;
  }

  /**
   * What to calculate plans with.
   *
   * @param row number under which it is kept
   */
  record ToUse(long row) {}

  /** What the shop has learned from its sessions at the fire. */
  @Operation(operationId = "getCalibration")
  @GetMapping("/api/v1/shop/calibration")
  CalibrationView calibration() {
    return service.view();
  }

  /** Calculates plans with what was learned. Answers what there is to see. */
  @Operation(operationId = "useCalibration")
  @PostMapping("/api/v1/shop/calibration/use")
  CalibrationView use(@RequestBody ToUse body) {
    service.use(body.row());
    return service.view();
  }

  /** Calculates plans as before. Answers what there is to see. */
  @Operation(operationId = "undoUseCalibration")
  @PostMapping("/api/v1/shop/calibration/undo-use")
  CalibrationView undoUse() {
    service.undoUse();
    return service.view();
  }

  /** Forgets everything that was learned; plans stay as they are. Answers what there is to see. */
  @Operation(operationId = "resetCalibration")
  @PostMapping("/api/v1/shop/calibration/reset")
  CalibrationView reset() {
    service.reset();
    return service.view();
  }

  /**
   * What was learned before the reset is back, if no session came since. Answers what there is to
   * see.
   */
  @Operation(operationId = "undoResetCalibration")
  @PostMapping("/api/v1/shop/calibration/undo-reset")
  CalibrationView undoReset() {
    service.undoReset();
    return service.view();
  }
}
