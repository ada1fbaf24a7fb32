package app.geminal.server.calibration;

import app.geminal.following.HeatCalibration;
import app.geminal.server.problem.NotFound;
import app.geminal.server.shop.ShopService;
import java.time.Clock;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what the shop learns from its sessions. Sessions begin with the newest; plans are
 * calculated with what a person chose, so that none changes by itself.
 */
@Service
public class CalibrationService {
  private final CalibrationRepository calibration;
  private final ShopService shops;
  private final Clock clock;

  CalibrationService(CalibrationRepository calibration, ShopService shops, Clock clock) {
    this.calibration = calibration;
    this.shops = shops;
    this.clock = clock;
  }

  /**
   * What is known now.
   *
   * @param row number of the row, 0 for none
   * @param calibration by the gauge of the forge as it is corrected now
   */
  public record Known(long row, HeatCalibration calibration) {}

  /** What is learned on from. */
  @Transactional(readOnly = true)
  public Known newest() {
    return calibration
        .newest()
        .map(row -> new Known(row.id(), row.stored().in(shops.shop())))
        .orElseGet(() -> new Known(0, HeatCalibration.nothing()));
  }

  /** What plans are calculated with. */
  @Transactional(readOnly = true)
  public HeatCalibration inPlans() {
    return usedInPlans().calibration();
  }

  /** The same with the number of its row, 0 where nothing is used. */
  @Transactional(readOnly = true)
  public Known usedInPlans() {
    return calibration
        .used()
        .map(row -> new Known(row.id(), row.stored().in(shops.shop())))
        .orElseGet(() -> new Known(0, HeatCalibration.nothing()));
  }

  /** What plans would be calculated with if a row were used. */
  @Transactional(readOnly = true)
  public HeatCalibration of(long row) {
    return there(row).stored().in(shops.shop());
  }

  private CalibrationRow there(long row) {
    return calibration
        .find(row)
        .orElseThrow(() -> new NotFound(CalibrationText.NO_CALIBRATION.with("number", row)));
  }

  /** What a session begins with as it is stored with it; null before anything was learned. */
  @Transactional(readOnly = true)
  public @Nullable String newestDocument() {
    return calibration.newest().map(row -> CalibrationDocument.write(row.stored())).orElse(null);
  }

  /** As it was stored with a session. */
  public static StoredCalibration read(String document) {
    return CalibrationDocument.read(document);
  }

  /**
   * Keeps what a session taught.
   *
   * @param before what was known, as {@link #newest} gave it
   * @return false where something else was learned since
   */
  @Transactional
  public boolean add(Known before, long sessionId, HeatCalibration now) {
    StoredCalibration kept = StoredCalibration.of(now, shops.shop());
    return calibration.add(before.row(), sessionId, kept, clock.instant());
  }

  /** What there is to see. */
  @Transactional(readOnly = true)
  public CalibrationView view() {
    return CalibrationView.of(calibration.newest(), calibration.used(), shops.shop());
  }

  /** Forgets everything that was learned; plans stay as they are. */
  @Transactional
  public void reset() {
    Optional<CalibrationRow> newest = calibration.newest();
    if (newest.map(row -> row.stored().calibration().heats()).orElse(0) > 0) {
      StoredCalibration nothing = StoredCalibration.of(HeatCalibration.nothing(), shops.shop());
      calibration.add(newest.orElseThrow().id(), null, nothing, clock.instant());
    }
  }

  /** What was learned before a reset is back; nothing changes where a session came since. */
  @Transactional
  public void undoReset() {
    calibration.newest().ifPresent(row -> calibration.deleteReset(row.id()));
  }

  /** Plans are calculated with this from now on. */
  @Transactional
  public void use(long row) {
    calibration.setUsed(there(row).id(), clock.instant());
  }

  /** Plans are calculated as before. */
  @Transactional
  public void undoUse() {
    calibration.used().ifPresent(row -> calibration.setUsed(row.id(), null));
  }
}
