package app.geminal.server.calibration;

import app.geminal.following.HeatCalibration;
import app.geminal.following.Interval;
import app.geminal.following.ShopUnknown;
import app.geminal.shop.Shop;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What the shop has learned from its sessions, and what of it plans are calculated with.
 *
 * @param row number under which it is kept, null before anything was learned
 * @param heats from how many heats; 0 before anything was learned
 * @param calibratedAt when the last was added, null before anything was learned
 * @param wasReset whether the last thing was to reset it
 * @param planHeats from how many heats it is that plans are calculated with; 0 for none
 * @param inPlans whether plans are calculated with what is shown
 * @param used whether plans were ever calculated with something learned, which can be undone
 * @param figures one for each thing that is learned
 */
record CalibrationView(
    @Nullable Long row,
    int heats,
    @Nullable Instant calibratedAt,
    boolean wasReset,
    int planHeats,
    boolean inPlans,
    boolean used,
    List<FigureView> figures) {

  /**
   * A figure; 90 in 100 of what it may be are within each range.
   *
   * @param of which figure
   * @param now as it is known now
   * @param inPlans as plans take it to be
   * @param before as it is known before anything is learned
   */
  record FigureView(ShopUnknown of, RangeView now, RangeView inPlans, RangeView before) {}

  /**
   * A range. Temperatures in K, conductances in W/(m²·K), the emissivity as a fraction.
   *
   * @param low 5 in 100 are below it
   * @param middle as likely above as below
   * @param high 5 in 100 are above it
   */
  record RangeView(double low, double middle, double high) {
    static RangeView of(Interval range) {
      return new RangeView(range.low(), range.middle(), range.high());
    }
  }

  static CalibrationView of(
      Optional<CalibrationRow> newest, Optional<CalibrationRow> used, Shop shop) {
    HeatCalibration now =
        newest.map(row -> row.stored().in(shop)).orElseGet(HeatCalibration::nothing);
    HeatCalibration plans =
        used.map(row -> row.stored().in(shop)).orElseGet(HeatCalibration::nothing);
    Long newestRow = newest.map(CalibrationRow::id).orElse(null);
    return new CalibrationView(
        newestRow,
        now.heats(),
        newest.map(CalibrationRow::at).orElse(null),
        newest.filter(row -> row.sessionId() == null).isPresent(),
        plans.heats(),
        Objects.equals(newestRow, used.map(CalibrationRow::id).orElse(null)),
        used.isPresent(),
        Arrays.stream(ShopUnknown.values())
            .map(each ->
                new FigureView(
                    each,
                    RangeView.of(now.of(each)),
                    RangeView.of(plans.of(each)),
                    RangeView.of(HeatCalibration.nothing().of(each))))
            .toList());
  }
}
