package app.geminal.weldmap;

import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import app.geminal.units.Quantity;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A weld map in a sentence. */
public final class WeldMapWords {
  /** Nothing that bonds as surely as this is worth a word. */
  static final double LIKELY = 0.985;

  /** A joint as likely as this counts as set while work continues. */
  private static final double SET = 0.9;

  private WeldMapWords() {}

  /** Where it is weakest, and what runs short there first. */
  public static Message of(WeldMap map, WeldSetup setup) {
    Optional<WeldMap.Joint> joint = map.weakest();
    Optional<WeldMap.Patch> patch = joint.map(WeldMap.Joint::weakest);
    Optional<BondCause> cause = patch.flatMap(WeldMap.Patch::cause);
    if (joint.isEmpty() || patch.isEmpty() || cause.isEmpty() || patch.get().chance() > LIKELY) {
      return WeldMapText.ALL_LIKELY.with("joints", map.joints().size());
    }
    Map<String, Object> figures = figures(patch.get(), setup, map.grid());
    figures.put("cause", cause.get());
    figures.put("joint", map.joints().indexOf(joint.get()) + 1);
    figures.put("joints", map.joints().size());
    return WeldMapText.WEAKEST.of(figures);
  }

  /** How many joints are set by now, and which of what was pressed is the furthest from it. */
  public static Message soFar(WeldMap map, WeldSetup setup) {
    long set = map.joints().stream().filter(j -> j.chance() >= SET).count();
    Map<String, Object> figures =
        MessageKey.figures("set", set, "joints", map.joints().size(), "open", false);
    map.joints().stream()
        .filter(j -> j.chance() < SET)
        .flatMap(j -> j.patches().stream().map(p -> new Pressed(map.joints().indexOf(j) + 1, p)))
        .filter(p -> p.patch().cause().isPresent())
        .min(Comparator.comparing(Pressed::patch, WeldMap.Patch.WEAKEST_FIRST))
        .ifPresent(least -> {
          figures.put("open", true);
          figures.put("joint", least.joint());
          figures.put("place", fromTheEnd(least.patch(), setup, map.grid()));
          figures.put("cause", least.patch().cause().orElseThrow());
        });
    return WeldMapText.SO_FAR.of(figures);
  }

  /** A patch that was pressed and did not bond, and its joint, from 1. */
  private record Pressed(int joint, WeldMap.Patch patch) {}

  private static Quantity fromTheEnd(WeldMap.Patch patch, WeldSetup setup, PatchGrid grid) {
    double along = (patch.along() + 0.5) / grid.along();
    return Quantity.mm(Math.min(along, 1 - along) * setup.bar().lengthMm());
  }

  /** What there is to say of a patch, by name. */
  static Map<String, Object> figures(WeldMap.Patch patch, WeldSetup setup, PatchGrid grid) {
    double along = (patch.along() + 0.5) / grid.along();
    int bite = bite(setup, along);
    return MessageKey.figures(
        "place",
        fromTheEnd(patch, setup, grid),
        "side",
        patch.across() == 0 || patch.across() == grid.across() - 1,
        "heat",
        Quantity.degrees(Math.abs(patch.heatC())),
        "hot",
        patch.heatC() >= 0,
        "reduction",
        tenths(Math.abs(patch.reduction())),
        "pressed",
        patch.reduction() >= 0,
        "clean",
        patch.oxideUm() >= 0,
        "protection",
        setup.faces().protection(),
        "bite",
        bite,
        "bites",
        setup.squeeze().bites().size(),
        "after",
        Quantity.seconds(after(bite)));
  }

  /** A part of the height, in tenths of a percent: it is not known closer. */
  static Quantity tenths(double share) {
    return Quantity.share(Math.round(share * 1000) / 1000.0);
  }

  /** Which bite presses a place along, from 1; 0 for none. */
  private static int bite(WeldSetup setup, double along) {
    List<Bite> bites = setup.squeeze().bites();
    double at = along * setup.bar().lengthMm();
    for (int i = 0; i < bites.size(); i++) {
      if (bites.get(i).covers(at)) {
        return i + 1;
      }
    }
    return 0;
  }

  /** Seconds from the fire to a bite, as is likely. */
  private static double after(int bite) {
    return Unknown.TO_DIES.likely() + Math.max(0, bite - 1) * Unknown.PER_BITE.likely();
  }
}
