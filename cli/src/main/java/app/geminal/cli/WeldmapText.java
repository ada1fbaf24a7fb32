package app.geminal.cli;

import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.Text;
import app.geminal.units.Units;
import app.geminal.weldmap.WeldMap;
import app.geminal.weldmap.WeldRemedy;
import java.util.List;
import java.util.StringJoiner;

/** Weld maps for reading in a terminal: a line for each joint, the top one first. */
record WeldmapText(Units units) {
  private static final String MARKS = "·░▒▓█";
  private static final double[] MARK_FROM = {0.4, 0.7, 0.9, 0.98};

  String of(List<MappedWeld> welds) {
    StringJoiner text = new StringJoiner("\n");
    for (MappedWeld weld : welds) {
      if (weld.map().isEmpty()) {
        text.add(said(CliText.WELD_WITHOUT_MAP.with(place(weld))));
      } else {
        weld(weld, weld.map().get(), text);
      }
      text.add("");
    }
    return text.toString().stripTrailing();
  }

  private static Object[] place(MappedWeld weld) {
    return new Object[] {
      "inPart", !weld.part().isEmpty(), "part", weld.part(), "step", weld.step()
    };
  }

  private void weld(MappedWeld weld, WeldMap map, StringJoiner text) {
    text.add(
        said(
            CliText.WELD_MAP.with(
                "inPart", !weld.part().isEmpty(),
                "part", weld.part(),
                "step", weld.step(),
                "chance", Quantity.share(map.chance()),
                "weakest", weld.weakest().orElseThrow())));
    for (int i = map.joints().size(); i > 0; i--) {
      WeldMap.Joint joint = map.joints().get(i - 1);
      text.add(
          "  "
              + said(
                  CliText.WELD_JOINT.with(
                      "joint", Text.of("%2d", i),
                      "along", along(joint, map.grid().along()),
                      "chance", Quantity.share(joint.chance()))));
    }
    for (WeldRemedy remedy : weld.remedies()) {
      text.add(
          "  "
              + said(
                  CliText.WELD_REMEDY.with(
                      "chance", Quantity.share(remedy.chance()), "words", remedy.words())));
    }
  }

  /** The weakest across, for each place along. */
  private static String along(WeldMap.Joint joint, int places) {
    StringBuilder marks = new StringBuilder();
    for (int at = 0; at < places; at++) {
      int place = at;
      double least =
          joint.patches().stream()
              .filter(p -> p.along() == place)
              .mapToDouble(WeldMap.Patch::chance)
              .min()
              .orElseThrow();
      int mark = 0;
      while (mark < MARK_FROM.length && least >= MARK_FROM[mark]) {
        mark++;
      }
      marks.append(MARKS.charAt(mark));
    }
    return marks.toString();
  }

  private String said(Message message) {
    return message.read(units);
  }
}
