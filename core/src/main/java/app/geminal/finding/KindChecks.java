package app.geminal.finding;

import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.FourWay;
import app.geminal.operation.Operation;
import app.geminal.operation.Resquare;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Twist;
import app.geminal.text.Topic;
import java.util.ArrayList;
import java.util.List;
import java.util.ServiceLoader;
import java.util.function.BiFunction;

/**
 * Checks that only one kind of step needs. What holds for several is asked of the step itself, in
 * {@link Operation}.
 *
 * @param <O> the kind
 * @param type its record
 * @param check what is found at such a step
 */
public record KindChecks<O extends Operation>(
    Class<O> type, BiFunction<StepContext, O, List<Finding>> check) {

  /** Checks of kinds that are at home elsewhere; found as services. */
  public interface Further {
    /** All of them. */
    List<KindChecks<?>> checks();

    /** All they can find. */
    List<? extends Topic> topics();
  }

  private static final List<Further> FURTHER =
      ServiceLoader.load(Further.class).stream().map(ServiceLoader.Provider::get).toList();

  static final List<KindChecks<?>> ALL = all();

  private static List<KindChecks<?>> all() {
    List<KindChecks<?>> all =
        new ArrayList<>(
            List.of(
                new KindChecks<>(SetWeld.class, WeldChecks::of),
                new KindChecks<>(SetWeld.class, SoakChecks::of),
                new KindChecks<>(SetWeld.class, OxygenChecks::of),
                new KindChecks<>(Cut.class, FinishChecks::cutPieces),
                new KindChecks<>(Draw.class, DrawChecks::of),
                new KindChecks<>(Twist.class, PatternChecks::twist),
                new KindChecks<>(Resquare.class, (at, _) -> PatternChecks.square(at)),
                new KindChecks<>(FourWay.class, (at, _) -> PatternChecks.square(at)),
                new KindChecks<>(Blade.class, PatternChecks::blade)));
    FURTHER.forEach(further -> all.addAll(further.checks()));
    return List.copyOf(all);
  }

  /** All that kinds at home elsewhere can find. */
  static List<Topic> furtherTopics() {
    return FURTHER.stream().<Topic>flatMap(further -> further.topics().stream()).toList();
  }

  List<Finding> of(StepContext at) {
    return type.isInstance(at.operation()) ? check.apply(at, type.cast(at.operation())) : List.of();
  }
}
