package app.geminal.asmade;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.operation.FieldType;
import app.geminal.operation.FieldType.Bounds;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationField;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import app.geminal.pattern.Field;
import app.geminal.pattern.Painter;
import app.geminal.pattern.Pane;
import app.geminal.pattern.Picture;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * A view of a bar with the figures of its plan changed: what it would look like had a twist come
 * out with fewer turns, or a groove deeper. Immutable.
 */
public final class AsMade {
  /** Figures of so many are searched at most, those of the last steps: the pattern is theirs. */
  private static final int MOST_FIGURES = 3;

  /** A step comes out within these shares of its plan. */
  private static final double LEAST_SHARE = 0.6;

  private static final double MOST_SHARE = 1.6;

  /** Grinding is off the plan by up to such a share of the bar's height. */
  private static final double GROUND_SHARE = 0.15;

  private final Run run;
  private final int stage;
  private final View view;
  private final int bar;
  private final Steels steels;
  private final ShopDefaults defaults;
  private final List<PatternFigure> figures;

  private AsMade(Run run, int stage, View view, int bar, Steels steels, ShopDefaults defaults) {
    this.run = run;
    this.stage = stage;
    this.view = view;
    this.bar = bar;
    this.steels = steels;
    this.defaults = defaults;
    this.figures = figures(run, stage, view);
  }

  /**
   * A view of one bar of a stage.
   *
   * @param bar which of several bars, from 0
   * @throws InvalidValue when there is no such view of it
   */
  public static AsMade of(
      Run run, int stage, View view, int bar, Steels steels, ShopDefaults defaults) {
    AsMade asMade = new AsMade(run, stage, view, bar, steels, defaults);
    asMade.sight(run, view);
    return asMade;
  }

  private static List<PatternFigure> figures(Run run, int stage, View view) {
    List<PatternFigure> found = new ArrayList<>();
    for (int i = stage; i > 0 && found.size() < MOST_FIGURES; i--) {
      found.addAll(figures(run.stages().get(i).step().orElseThrow(), i));
    }
    if (found.size() > MOST_FIGURES) {
      found.subList(MOST_FIGURES, found.size()).clear();
    }
    if (view instanceof View.Face(_, double depth) && !found.isEmpty()) {
      double height = run.stages().get(stage).bars().heightMm();
      found.add(
          new PatternFigure.Ground(
              depth,
              Math.max(0, depth - GROUND_SHARE * height),
              Math.min(0.9 * height, depth + GROUND_SHARE * height)));
    }
    return List.copyOf(found);
  }

  private static List<PatternFigure> figures(Step step, int stage) {
    List<PatternFigure> found = new ArrayList<>();
    if (step.off()) {
      return found;
    }
    OperationKind<? extends Operation> kind = OperationKinds.of(step.operation());
    for (OperationField field : kind.fields()) {
      if (field.shows() != null
          && field.type() instanceof FieldType.Figure(_, Bounds within)
          && kind.get(step.operation(), field) instanceof Double planned
          && planned > 0) {
        double low = Math.max(within.least(), LEAST_SHARE * planned);
        double high = Math.min(within.most(), MOST_SHARE * planned);
        found.add(new PatternFigure.OfStep(stage, field, planned, low, high));
      }
    }
    return found;
  }

  /** What it is searched for, those of the last step first; empty where nothing bent a layer. */
  public List<PatternFigure> figures() {
    return figures;
  }

  /** The values by the plan. */
  public double[] planned() {
    return figures.stream().mapToDouble(PatternFigure::planned).toArray();
  }

  /**
   * How bright each part of the view is with other figures, 0 to 255, row by row from the top; 0
   * where there is no steel.
   *
   * @param unwanted asked again and again; once it says so the view is left
   * @param values one for each of the figures, in their order
   * @return empty where a bar cannot be worked so, and where it was left
   */
  public Optional<float[]> light(
      int widthPx, int heightPx, BooleanSupplier unwanted, double... values) {
    return with(values).flatMap(sight -> light(sight, widthPx, heightPx, unwanted));
  }

  private Optional<float[]> light(
      SectionView sight, int widthPx, int heightPx, BooleanSupplier unwanted) {
    Pane pane = new Pane(0, 0, sight.widthMm(), sight.heightMm(), widthPx, heightPx);
    Tones tones = Tones.of(sight.field().steels(), steels);
    return Painter.paint(sight, pane, tones, false, unwanted).map(AsMade::light);
  }

  private static float[] light(Picture picture) {
    float[] light = new float[picture.argb().length];
    for (int i = 0; i < light.length; i++) {
      light[i] = picture.argb()[i] >> 8 & 0xff;
    }
    return light;
  }

  /**
   * The view with other figures.
   *
   * @param values one for each of the figures, in their order
   * @return empty where a bar cannot be worked so
   */
  public Optional<SectionView> with(double... values) {
    try {
      Run changed = Run.of(plan(values), steels, defaults);
      return changed.stages().size() > stage
          ? Optional.of(sight(changed, view(values)))
          : Optional.empty();
    } catch (InvalidValue notWorkedSo) {
      return Optional.empty();
    }
  }

  private View view(double... values) {
    boolean isGroundOpen = !figures.isEmpty() && figures.getLast() instanceof PatternFigure.Ground;
    return isGroundOpen && view instanceof View.Face face
        ? new View.Face(face.under(), values[values.length - 1])
        : view;
  }

  /** The plan with other figures of its steps. */
  public Plan plan(double... values) {
    List<Step> steps = new ArrayList<>(run.plan().steps());
    for (int i = 0; i < figures.size(); i++) {
      if (figures.get(i) instanceof PatternFigure.OfStep of && values[i] != of.planned()) {
        Step step = steps.get(of.stage() - 1);
        steps.set(
            of.stage() - 1, step.withOperation(with(step.operation(), of.field(), values[i])));
      }
    }
    return run.plan().withSteps(steps);
  }

  private static Operation with(Operation operation, OperationField changed, double value) {
    OperationKind<? extends Operation> kind = OperationKinds.of(operation);
    return Objects.requireNonNull(
        kind.make(
            field -> field.equals(changed) ? Double.valueOf(value) : kind.get(operation, field)));
  }

  private SectionView sight(Run of, View seen) {
    return SectionView.of(Field.of(of, stage), seen, bar);
  }
}
