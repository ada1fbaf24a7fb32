package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One kind of step as everything else works with it: what it is called, and its fields, which are
 * the components of its record in their order.
 *
 * @param <O> the record
 */
public final class OperationKind<O extends Operation> {
  private final StepName name;
  private final Class<O> type;
  private final MessageKey afterwards;
  private final BiFunction<Bars, ShopDefaults, O> guess;
  private final Constructor<O> constructor;
  private final boolean isInAnyOrder;
  private final Map<OperationField, Method> fields = new LinkedHashMap<>();

  private OperationKind(
      StepName name,
      Class<O> type,
      MessageKey afterwards,
      BiFunction<Bars, ShopDefaults, O> guess,
      boolean isInAnyOrder,
      List<OperationField> fields) {
    RecordComponent[] components = type.getRecordComponents();
    List<String> names = Arrays.stream(components).map(RecordComponent::getName).toList();
    if (!names.equals(fields.stream().map(OperationField::name).toList())) {
      throw new IllegalArgumentException(
          "The fields of " + name.word() + " are not the components of its record: " + names);
    }
    this.name = name;
    this.type = type;
    this.afterwards = afterwards;
    this.guess = guess;
    this.isInAnyOrder = isInAnyOrder;
    for (int i = 0; i < components.length; i++) {
      this.fields.put(fields.get(i), components[i].getAccessor());
    }
    try {
      constructor =
          type.getConstructor(
              Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
    } catch (NoSuchMethodException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  /**
   * A kind of step.
   *
   * @param afterwards what to answer where something else than its fields is said after its name
   * @param guess a first one for the bars at hand in a shop of such habits, meant to be changed
   * @param fields of its record, in order
   */
  public static <O extends Record & Operation> OperationKind<O> of(
      StepName name,
      Class<O> type,
      MessageKey afterwards,
      BiFunction<Bars, ShopDefaults, O> guess,
      OperationField... fields) {
    return new OperationKind<>(name, type, afterwards, guess, false, List.of(fields));
  }

  /** The same, its fields said in any order, with or without commas: each is known by its unit. */
  OperationKind<O> inAnyOrder() {
    return new OperationKind<>(name, type, afterwards, guess, true, fields());
  }

  /** Whether its fields are said in any order, each known by its unit. */
  public boolean isInAnyOrder() {
    return isInAnyOrder;
  }

  /** In plans as JSON, in stored plans and as the first word in shorthand. */
  public String name() {
    return name.word();
  }

  /** Where it is done. */
  public StepName.At at() {
    return name.at();
  }

  /** The letter on a keyboard that adds one. */
  public char letter() {
    return name.letter();
  }

  /** What pages call it. */
  public Message title() {
    return StepText.of(name()).with();
  }

  /** What it does to the bars, in a line. */
  public Message means() {
    return StepText.of(name(), "means").with();
  }

  /** What pages call one of its fields; those of bars and their turns have a place of their own. */
  public Optional<Message> label(OperationField field) {
    return switch (field.type()) {
      case FieldType.Choices<?> _, FieldType.BarNumbers _ -> Optional.empty();
      case FieldType.Figure _,
          FieldType.Count _,
          FieldType.YesNo _,
          FieldType.Choice<?> _,
          FieldType.LaidList _,
          FieldType.PieceList _,
          FieldType.OnePiece _ ->
          Optional.of(StepText.of(name(), field.name()).with());
    };
  }

  /** What pages call a yes or a no of one of its fields. */
  public Message answer(OperationField field, boolean yes) {
    return StepText.of(name(), field.name(), yes ? "yes" : "no").with();
  }

  /** Its record. */
  public Class<O> type() {
    return type;
  }

  /** What shorthand answers where something else than its fields is said after its name. */
  public Message afterwards() {
    return afterwards.with();
  }

  /** A first step of this kind for the bars at hand, meant to be changed. */
  public O guess(Bars bars, ShopDefaults defaults) {
    return guess.apply(bars, defaults);
  }

  /** Its fields, in order. */
  public List<OperationField> fields() {
    return List.copyOf(fields.keySet());
  }

  /**
   * Checks what a step of this kind is made of, before it is.
   *
   * @param values of its fields, in their order
   * @throws app.geminal.validation.InvalidValue where one is missing or out of its bounds
   */
  public void check(@Nullable Object... values) {
    int i = 0;
    for (OperationField field : fields.keySet()) {
      FieldCheck.of(field, values[i++]);
    }
  }

  /** What a field of a step of this kind holds. */
  public @Nullable Object get(Operation operation, OperationField field) {
    try {
      return accessor(field).invoke(operation);
    } catch (IllegalAccessException | InvocationTargetException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  private Method accessor(OperationField field) {
    Method accessor = fields.get(field);
    if (accessor == null) {
      throw new IllegalArgumentException(name.word() + " has no field " + field.name());
    }
    return accessor;
  }

  /**
   * A step of this kind.
   *
   * @param value of each field, as its type says
   * @throws app.geminal.validation.InvalidValue where a value breaks its rule
   */
  public O make(Function<OperationField, @Nullable Object> value) {
    List<@Nullable Object> values = new ArrayList<>();
    fields.keySet().forEach(field -> values.add(value.apply(field)));
    try {
      return constructor.newInstance(values.toArray());
    } catch (InvocationTargetException refused) {
      if (refused.getCause() instanceof RuntimeException why) {
        throw why;
      }
      throw new IllegalStateException(refused);
    } catch (ReflectiveOperationException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  @Override
  public String toString() {
    return name();
  }
}
