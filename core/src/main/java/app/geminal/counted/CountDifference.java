package app.geminal.counted;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layers.Layer;
import app.geminal.layup.Piece;
import app.geminal.operation.Cut;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.Restack;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * Finds what explains a count that is not the plan's: single slips, each tried by working the
 * changed plan through.
 */
public final class CountDifference {
  /** More than so many are no help. */
  private static final int MOST = 6;

  /** Of more, none is counted one by one. */
  private static final int MOST_LAYERS = 20_000;

  /** Ground beyond a layer, so that nothing of it is left, mm. */
  private static final double BEYOND_MM = 1e-3;

  private final Run run;
  private final int stage;
  private final Steels steels;
  private final ShopDefaults defaults;
  private final Map<String, Slip> slips = new LinkedHashMap<>();
  private final Map<String, GroundAway> ground = new HashMap<>();

  private CountDifference(Run run, int stage, Steels steels, ShopDefaults defaults) {
    this.run = run;
    this.stage = stage;
    this.steels = steels;
    this.defaults = defaults;
  }

  /**
   * Slips that give a count, those nearest to it first; empty where none does, or the plan itself
   * does.
   *
   * @param stage of the Run that was counted
   * @param count that was found
   * @param low the fewest it may be
   * @param high the most it may be
   */
  public static List<Slip> explained(
      Run run, int stage, long count, long low, long high, Steels steels, ShopDefaults defaults) {
    Stage counted = run.stages().get(stage);
    if (count == counted.visibleCount()) {
      return List.of();
    }
    CountDifference difference = new CountDifference(run, stage, steels, defaults);
    difference.tryAll();
    return difference.slips.values().stream()
        .filter(slip -> slip.layers() >= low && slip.layers() <= high)
        .filter(slip -> slip.layers() != counted.visibleCount())
        .sorted(Comparator.comparingLong(slip -> Math.abs(slip.layers() - count)))
        .limit(MOST)
        .toList();
  }

  private void tryAll() {
    Bars bars = run.stages().get(stage).bars();
    if (bars.shopCount() != bars.visibleCount()) {
      keep(new Slip(stage, CountedText.DOUBLE_LAYERS_COUNTED.with(), run.plan(), bars.shopCount()));
    }
    pieces();
    for (int i = 0; i < stage; i++) {
      groundAway(i);
      step(i);
    }
    groundAway(stage);
  }

  /** Two slips in the same words are one. */
  private void keep(Slip slip) {
    slips.putIfAbsent(slip.words().key() + slip.words().figures() + slip.layers(), slip);
  }

  private void tried(int at, Message words, Plan changed, int counted) {
    count(changed, counted).ifPresent(layers -> keep(new Slip(at, words, changed, layers)));
  }

  /** Layers visible at a stage of a changed plan; empty where it cannot have been worked so. */
  private OptionalLong count(Plan changed, int counted) {
    try {
      List<Stage> stages = Run.of(changed, steels, defaults).stages();
      return stages.size() > counted
          ? OptionalLong.of(stages.get(counted).visibleCount())
          : OptionalLong.empty();
    } catch (InvalidValue notAPlan) {
      return OptionalLong.empty();
    }
  }

  private void pieces() {
    List<Piece> pieces = run.plan().stack().pieces();
    for (int i = 0; i < pieces.size(); i++) {
      List<Piece> fewer = new ArrayList<>(pieces);
      fewer.remove(i);
      List<Piece> more = new ArrayList<>(pieces);
      more.add(i, pieces.get(i));
      Place place = Place.of(i, pieces.size());
      if (!fewer.isEmpty()) {
        tried(0, CountedText.PIECE_LEFT_OUT.with("place", place), with(fewer), stage);
      }
      tried(0, CountedText.PIECE_TWICE.with("place", place), with(more), stage);
    }
  }

  private Plan with(List<Piece> pieces) {
    return run.plan().withStack(run.plan().stack().withPieces(pieces));
  }

  /** Where in a stack. */
  enum Place {
    BOTTOM,
    TOP,
    INSIDE;

    static Place of(int i, int size) {
      if (i == 0) {
        return BOTTOM;
      }
      return i == size - 1 ? TOP : INSIDE;
    }
  }

  /** The outer layer of either broad face, or of both, after a stage. */
  private void groundAway(int after) {
    List<Layer> layers =
        run.stages().get(after).bars().section().up().layers(MOST_LAYERS).orElse(List.of());
    if (layers.size() < 3) {
      return;
    }
    double bottom = layers.getFirst().thicknessMm() + BEYOND_MM;
    double top = layers.getLast().thicknessMm() + BEYOND_MM;
    ground(after, 1, new Grind(bottom, 0));
    ground(after, 1, new Grind(0, top));
    ground(after, 2, new Grind(bottom, top));
  }

  private void ground(int after, int faces, Grind grind) {
    Plan changed = run.plan().withStepAfter(after, grind);
    count(changed, stage + 1)
        .ifPresent(layers -> {
          String same = faces + "/" + layers;
          GroundAway before = ground.get(same);
          if (before == null || before.last() < after - 1) {
            ground.put(same, new GroundAway(faces, after, after, changed, layers));
          } else {
            ground.put(same, before.until(after));
          }
          GroundAway now = ground.get(same);
          slips.put(same + "/" + now.first(), now.slip());
        });
  }

  /** The same grinding after any of several stages in a row. */
  private record GroundAway(int faces, int first, int last, Plan plan, long layers) {
    GroundAway until(int after) {
      return new GroundAway(faces, first, after, plan, layers);
    }

    Slip slip() {
      Message words =
          first == last
              ? CountedText.LAYER_GROUND_AWAY.with("faces", faces, "step", first)
              : CountedText.LAYER_GROUND_AWAY_BETWEEN.with(
                  "faces", faces, "first", first, "last", last);
      return new Slip(first, words, plan, layers);
    }
  }

  private void step(int i) {
    Step step = run.plan().steps().get(i);
    Operation operation = step.operation();
    if (step.off()) {
      return;
    }
    int number = i + 1;
    if (operation instanceof Cut cut) {
      if (cut.pieces() > 2) {
        otherwise(
            number, CountedText.BARS_FEWER, new Cut(cut.pieces() - 1, cut.kerfMm(), cut.eachMm()));
      }
      if (cut.pieces() < 60) {
        otherwise(
            number, CountedText.BARS_MORE, new Cut(cut.pieces() + 1, cut.kerfMm(), cut.eachMm()));
      }
    }
    if (operation instanceof Restack restack) {
      boolean turned = restack.turns().equals(Restack.EVERY_SECOND);
      otherwise(
          number,
          CountedText.BARS_LAID_OTHERWISE,
          restack.withTurns(turned ? Restack.ALL_SAME : Restack.EVERY_SECOND));
    }
    if (operation.meeting().isPresent() || operation instanceof Fold) {
      List<Step> left = new ArrayList<>(run.plan().steps());
      left.remove(i);
      tried(
          number,
          text(CountedText.STEP_LEFT_OUT, operation, number),
          run.plan().withSteps(left),
          stage - 1);
      tried(
          number,
          text(CountedText.STEP_TWICE, operation, number),
          run.plan().withStepAfter(i, operation),
          stage + 1);
    }
  }

  private static Message text(CountedText text, Operation operation, int number) {
    return text.with("step", number, "kind", OperationKinds.of(operation).title());
  }

  private void otherwise(int number, CountedText text, Operation changed) {
    List<Step> steps = new ArrayList<>(run.plan().steps());
    steps.set(number - 1, steps.get(number - 1).withOperation(changed));
    tried(number, text(text, changed, number), run.plan().withSteps(steps), stage);
  }
}
