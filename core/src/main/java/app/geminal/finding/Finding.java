package app.geminal.finding;

import app.geminal.compatibility.ReasonKind;
import app.geminal.layup.Stack;
import app.geminal.operation.Operation;
import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import app.geminal.text.Topic;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One thing found in a plan.
 *
 * @param kind what was found
 * @param severity how much it weighs
 * @param safety whether people can be hurt; shown first
 * @param stage index into the Run's stages: 0 is the stack
 * @param about the piece, joint, face or part it speaks about, empty for the whole step
 * @param actual what is planned, in the limit's unit, where it is a figure
 * @param limit where the line is drawn, where it is a figure
 * @param figures what its texts say, by name
 * @param remedy what to do, as an edit of the plan, where one exists
 */
public record Finding(
    Topic kind,
    Severity severity,
    boolean safety,
    int stage,
    String about,
    OptionalDouble actual,
    OptionalDouble limit,
    Map<String, Object> figures,
    Optional<Remedy> remedy) {

  /** Copies the figures. */
  public Finding {
    figures = Collections.unmodifiableMap(new LinkedHashMap<>(figures));
  }

  /** Every family a check can find. */
  public static Set<String> families() {
    List<Topic> all = new ArrayList<>(List.of(FindingKind.values()));
    all.addAll(List.of(ReasonKind.values()));
    all.addAll(KindChecks.furtherTopics());
    return all.stream().map(Topic::family).collect(Collectors.toUnmodifiableSet());
  }

  /** The matter's name in the interface, stable across releases. */
  public String family() {
    return kind.family();
  }

  /** Whether it is a caution of a material: it does not depend on how a step is done. */
  public boolean isCaution() {
    return safety && severity == Severity.NOTE;
  }

  /** Whether a smith may choose not to see it again: a note that no one is hurt by. */
  public boolean canBeHidden() {
    return severity == Severity.NOTE && !safety;
  }

  /** The matter, in a few words. */
  public Message what() {
    return kind.text(Topic.Part.WHAT, figures);
  }

  /** Figure, limit and reason. */
  public Message why() {
    return kind.text(Topic.Part.WHY, figures);
  }

  /** What to do. */
  public Message action() {
    return kind.text(Topic.Part.ACTION, figures);
  }

  /** What the remedy does, where there is one. */
  public Optional<Message> remedyLabel() {
    return remedy.map(_ -> kind.text(Topic.Part.REMEDY, figures));
  }

  /** A finding to be put together, at a stage of a Run. */
  public static Builder of(Topic kind, Severity severity, int stage) {
    return new Builder(kind, severity, stage);
  }

  /** Puts a finding together; what is not said stays empty. */
  public static final class Builder {
    private final Topic kind;
    private final Severity severity;
    private final int stage;
    private boolean safety;
    private String about = "";
    private OptionalDouble actual = OptionalDouble.empty();
    private OptionalDouble limit = OptionalDouble.empty();
    private final Map<String, Object> figures = new LinkedHashMap<>();
    private Optional<Remedy> remedy = Optional.empty();

    private Builder(Topic kind, Severity severity, int stage) {
      this.kind = kind;
      this.severity = severity;
      this.stage = stage;
    }

    /** People can be hurt. */
    public Builder safety() {
      safety = true;
      return this;
    }

    /** The piece, joint, face or part it speaks about. */
    public Builder about(String thing) {
      about = thing;
      return this;
    }

    /** What is planned, and where the line is drawn. */
    public Builder against(double actually, double most) {
      actual = OptionalDouble.of(actually);
      limit = OptionalDouble.of(most);
      return this;
    }

    /** Figures of its texts, each after its name. */
    public Builder figures(Object... namesAndFigures) {
      figures.putAll(MessageKey.figures(namesAndFigures));
      return this;
    }

    /** Figures of its texts, by name. */
    public Builder figures(Map<String, Object> more) {
      figures.putAll(more);
      return this;
    }

    /** Remedied by another step in its place. */
    public Builder instead(Operation operation) {
      return remedy(Optional.of(new Remedy.Instead(operation)));
    }

    /** Remedied by a step before it. */
    public Builder before(Operation operation) {
      return remedy(Optional.of(new Remedy.Before(operation)));
    }

    /** Remedied by another stack. */
    public Builder restacked(Stack stack) {
      return remedy(Optional.of(new Remedy.Restacked(stack)));
    }

    /** Remedied so, where it can be. */
    public Builder remedy(Optional<? extends Remedy> one) {
      remedy = one.map(r -> r);
      return this;
    }

    /** The finding. */
    public Finding found() {
      return new Finding(kind, severity, safety, stage, about, actual, limit, figures, remedy);
    }
  }
}
