package app.geminal.library.plan;

import app.geminal.billet.Step;
import app.geminal.layup.Coating;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.library.text.MessageJson;
import app.geminal.measurement.Measurement;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.SetAside;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.TaskTimes;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Method;
import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.deser.jdk.NumberDeserializers;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;

/**
 * How the core's values look as JSON, in files, on the wire and in the database: the records as
 * they are, an operation with its {@code kind}. Strict, so that nothing typed is silently taken for
 * something else.
 */
public final class PlanJson {
  private PlanJson() {}

  /** The settings, on a mapper that is being built; texts in English. */
  public static void strict(JsonMapper.Builder builder) {
    strict(builder, () -> Locale.ENGLISH);
  }

  /** The settings, on a mapper that is being built; texts in a reader's language. */
  public static void strict(JsonMapper.Builder builder, Supplier<Locale> language) {
    // A record's components are its document; its questions (isSealed) are not.
    builder
        .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
        .addMixIn(Operation.class, OperationJson.class)
        .registerSubtypes(
            OperationKinds.ALL.stream()
                .map(kind -> new NamedType(kind.type(), kind.name()))
                .toArray(NamedType[]::new))
        .addMixIn(Laid.class, LaidJson.class)
        .addMixIn(Piece.class, PieceJson.class)
        .addMixIn(PartBar.class, PartBarJson.class)
        .addMixIn(Step.class, StepJson.class)
        .addMixIn(SetAside.class, SetAsideJson.class)
        .addMixIn(SetWeld.class, SetWeldJson.class)
        .addMixIn(ShopDefaults.class, ProtectionJson.class)
        .addMixIn(Shop.class, ShopJson.class)
        .addModule(MessageJson.module(language))
        .addModule(
            new SimpleModule("finite")
                .addDeserializer(double.class, new Finite(double.class, 0.0))
                .addDeserializer(Double.class, new Finite(Double.class, null)))
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
  }

  /** A figure is a number: what is too large for one, or says that it is none, is refused. */
  private static final class Finite extends NumberDeserializers.DoubleDeserializer {
    Finite(Class<Double> type, @Nullable Double nothing) {
      super(type, nothing);
    }

    @Override
    public Double deserialize(JsonParser parser, DeserializationContext context) {
      Double value = super.deserialize(parser, context);
      if (value != null && !Double.isFinite(value)) {
        throw InvalidValue.unusableNumber("");
      }
      return value;
    }
  }

  /** Kinds of step are named where each is. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  private interface OperationJson {}

  /** A piece has a steel, a bar of a part has a part. */
  @JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION)
  @JsonSubTypes({@JsonSubTypes.Type(Piece.class), @JsonSubTypes.Type(PartBar.class)})
  private interface LaidJson {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NONE)
  private interface PartBarJson {}

  /** What is as the stack, or solid, is left out. */
  @SuppressWarnings({"UnusedMethod", "UnusedVariable", "DoNotCallSuggester"})
  @JsonTypeInfo(use = JsonTypeInfo.Id.NONE)
  private abstract static class PieceJson {
    @JsonCreator
    static Piece of(
        @JsonProperty("steel") String steel,
        @JsonProperty("thicknessMm") double thicknessMm,
        @JsonProperty("widthMm") @Nullable Double widthMm,
        @JsonProperty("lengthMm") @Nullable Double lengthMm,
        @JsonProperty("fill") @Nullable Double fill,
        @JsonProperty("coating") @Nullable Coating coating) {
      throw new UnsupportedOperationException("Only its annotations are used.");
    }

    @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Nothing.class)
    abstract double widthMm();

    @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Nothing.class)
    abstract double lengthMm();

    @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Whole.class)
    abstract double fill();

    @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Bare.class)
    abstract Coating coating();
  }

  /** Version 1 of plans had another name for it. */
  @SuppressWarnings("UnusedMethod")
  private interface ProtectionJson {
    @JsonAlias("school")
    AtmosphereProtection protection();
  }

  /** Earlier requests had other names for these. */
  @SuppressWarnings("UnusedMethod")
  private interface ShopJson {
    @JsonAlias("practice")
    ShopDefaults defaults();

    @JsonAlias("pace")
    TaskTimes taskTimes();
  }

  /** What every forge weld is, is left out. */
  @SuppressWarnings("UnusedMethod")
  private interface SetWeldJson extends ProtectionJson {
    @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = Forged.class)
    Method method();
  }

  @SuppressWarnings({"UnusedMethod", "UnusedVariable", "DoNotCallSuggester"})
  private abstract static class StepJson {
    @JsonCreator
    static Step read(
        @JsonProperty("key") String key,
        @JsonProperty("operation") Operation operation,
        @JsonProperty("off") @Nullable Boolean off,
        @JsonProperty("measured") @Nullable Measurement measured) {
      throw new UnsupportedOperationException("Only its annotations are used.");
    }

    @JsonInclude(JsonInclude.Include.NON_NULL)
    abstract Measurement measured();
  }

  /** The last bars go where it is not said which. */
  @SuppressWarnings("UnusedMethod")
  private interface SetAsideJson {
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    List<Integer> which();
  }

  /** Equals one value, which is then left out. */
  private abstract static class LeftOut {
    private final Object what;

    LeftOut(Object what) {
      this.what = what;
    }

    @Override
    public final boolean equals(@Nullable Object value) {
      return what.equals(value);
    }

    @Override
    public final int hashCode() {
      return what.hashCode();
    }
  }

  /** As the stack. */
  private static final class Nothing extends LeftOut {
    Nothing() {
      super(0.0);
    }
  }

  /** Solid. */
  private static final class Whole extends LeftOut {
    Whole() {
      super(1.0);
    }
  }

  /** Bare steel. */
  private static final class Bare extends LeftOut {
    Bare() {
      super(Coating.NONE);
    }
  }

  /** An ordinary forge weld. */
  private static final class Forged extends LeftOut {
    Forged() {
      super(Method.FORGE);
    }
  }
}
