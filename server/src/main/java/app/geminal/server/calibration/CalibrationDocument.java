package app.geminal.server.calibration;

import static app.geminal.server.stored.Document.FIRST_FORMAT;

import app.geminal.following.HeatCalibration;
import app.geminal.following.ShopUnknown;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import java.util.Arrays;
import java.util.List;

/**
 * What was learned as it is stored: for each figure its middle, and how it spreads together with
 * each of them, in standard deviations of its range. A range that changes needs a new format.
 */
final class CalibrationDocument {
  private static final Names<ShopUnknown> UNKNOWNS = Names.of(ShopUnknown.class);

  private static final Document<StoredCalibration> CALIBRATION =
      new Document<>(
          StoredKind.CALIBRATION,
          List.of(),
          CalibrationDocument::calibration,
          CalibrationDocument::written);

  private CalibrationDocument() {}

  static StoredCalibration read(String stored) {
    return CALIBRATION.read(stored, FIRST_FORMAT);
  }

  static String write(StoredCalibration calibration) {
    return CALIBRATION.write(calibration);
  }

  private record Figure(ShopUnknown of, double middle, List<Double> spread) {}

  private static StoredCalibration calibration(DocumentReader in) {
    List<Figure> figures =
        in.list(
            "figures",
            each ->
                new Figure(
                    each.one("of", UNKNOWNS), each.number("middle"), each.numbers("spread")));
    return new StoredCalibration(
        HeatCalibration.kept(
            in.whole("heats"),
            figures.stream().map(Figure::of).toList(),
            figures.stream().map(Figure::middle).toList(),
            figures.stream().map(Figure::spread).toList()),
        in.number("gaugeOffsetC"));
  }

  private static DocumentWriter written(StoredCalibration stored) {
    List<ShopUnknown> of = Arrays.asList(ShopUnknown.values());
    HeatCalibration calibration = stored.calibration();
    List<Figure> figures =
        of.stream()
            .map(one ->
                new Figure(
                    one,
                    calibration.middle(one),
                    of.stream().map(other -> calibration.spread(one, other)).toList()))
            .toList();
    return new DocumentWriter()
        .whole("heats", calibration.heats())
        .number("gaugeOffsetC", stored.gaugeOffsetC())
        .list(
            "figures",
            figures,
            f ->
                new DocumentWriter()
                    .one("of", f.of(), UNKNOWNS)
                    .number("middle", f.middle())
                    .numbers("spread", f.spread()));
  }
}
