package app.geminal.operation;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every kind of step there is. */
public final class OperationKinds {
  private static final List<OperationKind<? extends Operation>> HERE =
      List.of(
          SetWeld.KIND,
          Draw.KIND,
          Trim.KIND,
          Cut.KIND,
          Grind.KIND,
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

  private static final List<OperationKind<? extends Operation>> FURTHER =
      ServiceLoader.load(Further.class).stream()
          .<OperationKind<? extends Operation>>map(further -> further.get().kind())
          .sorted(Comparator.comparing(OperationKind::name))
          .toList();

  /** All, in the order they are listed. */
  public static final List<OperationKind<? extends Operation>> ALL =
      Stream.concat(HERE.stream(), FURTHER.stream()).toList();

  private static final Map<String, OperationKind<? extends Operation>> BY_NAME =
      ALL.stream().collect(Collectors.toMap(OperationKind::name, Function.identity()));

  private static final Map<Class<?>, OperationKind<? extends Operation>> BY_TYPE =
      ALL.stream().collect(Collectors.toMap(OperationKind::type, Function.identity()));

  private OperationKinds() {}

  /** A kind of step that is at home in another package; found as a service. */
  public interface Further {
    /** The kind. */
    OperationKind<? extends Operation> kind();
  }

  /** Those at home in other packages. */
  public static List<OperationKind<? extends Operation>> further() {
    return FURTHER;
  }

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
