package app.geminal.operation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Every kind of step there is. */
public final class OperationKinds {
  /** All, in the order they are listed. */
  public static final List<OperationKind<? extends Operation>> ALL =
      List.of(
          SetWeld.KIND,
          Draw.KIND,
          Trim.KIND,
          Grind.KIND,
          Cut.KIND,
          SetAside.KIND,
          Scrap.KIND,
          Watch.KIND,
          Restack.KIND,
          Fold.KIND,
          Twist.KIND,
          Resquare.KIND,
          Upset.KIND,
          RollUp.KIND,
          FourWay.KIND,
          Ladder.KIND,
          Dimples.KIND,
          ForgedSurface.KIND,
          Sandwich.KIND,
          LayUp.KIND,
          Blade.KIND);

  private static final Map<String, OperationKind<? extends Operation>> BY_NAME =
      ALL.stream().collect(Collectors.toMap(OperationKind::name, Function.identity()));

  private static final Map<Class<?>, OperationKind<? extends Operation>> BY_TYPE =
      ALL.stream().collect(Collectors.toMap(OperationKind::type, Function.identity()));

  private OperationKinds() {}

  /** The kind of that name, empty where there is none. */
  public static Optional<OperationKind<? extends Operation>> named(String name) {
    return Optional.ofNullable(BY_NAME.get(name));
  }

  /** The kind that shorthand calls that; a weld is called set or weld. */
  public static Optional<OperationKind<? extends Operation>> said(String word) {
    return word.equals("weld") ? Optional.of(SetWeld.KIND) : named(word);
  }

  /** The kind a step is of. */
  public static OperationKind<? extends Operation> of(Operation operation) {
    return Optional.ofNullable(BY_TYPE.get(operation.getClass())).orElseThrow();
  }
}
