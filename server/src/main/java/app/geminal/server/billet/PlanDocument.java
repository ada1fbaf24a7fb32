package app.geminal.server.billet;

import app.geminal.billet.Origin;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.billet.WantedPieces;
import app.geminal.layup.Coating;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import app.geminal.server.stored.Document;
import app.geminal.server.stored.DocumentReader;
import app.geminal.server.stored.DocumentWriter;
import app.geminal.server.stored.MeasuredDocument;
import app.geminal.server.stored.Names;
import app.geminal.server.stored.StoredKind;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans as they are stored. */
final class PlanDocument {
  static final Document<Plan> PLAN =
      new Document<>(
          StoredKind.PLAN,
          List.of(PlanDocument::namedSteps),
          PlanDocument::plan,
          PlanDocument::plan);

  static final Names<Turn> TURNS = Names.of(Turn.class);
  private static final Names<Coating> COATINGS = Names.of(Coating.class);

  private PlanDocument() {}

  /**
   * Format 1 knew set, draw, trim, grind, cut, restack and fold with fewer figures; what it did not
   * say is what those steps did then. A bar laid back turned over was a word of its own.
   */
  private static void namedSteps(ObjectNode plan) {
    plan.path("steps")
        .forEach(step -> {
          if (step.path("operation") instanceof ObjectNode operation) {
            turned(operation);
          }
        });
  }

  private static void turned(ObjectNode operation) {
    if (operation.path("kind").asString("").equals("restack") && operation.has("lay")) {
      boolean over = operation.remove("lay").asString("").equals("TURNED");
      ArrayNode turns = operation.putArray("turns").add("SAME");
      if (over) {
        turns.add("OVER");
      }
    }
  }

  private static Plan plan(DocumentReader in) {
    return new Plan(
        in.in("stack", PlanDocument::stack),
        in.list("steps", PlanDocument::step),
        in.list("parts", PlanDocument::part),
        in.list("wanted", PlanDocument::wanted));
  }

  private static DocumentWriter plan(Plan plan) {
    return new DocumentWriter()
        .in("stack", plan.stack(), PlanDocument::stack)
        .list("steps", plan.steps(), PlanDocument::step)
        .list("parts", plan.parts(), PlanDocument::part)
        .list("wanted", plan.wanted(), PlanDocument::wanted);
  }

  private static Stack stack(DocumentReader in) {
    return new Stack(
        in.list("pieces", PlanDocument::piece), in.number("widthMm"), in.number("lengthMm"));
  }

  private static DocumentWriter stack(Stack stack) {
    return new DocumentWriter()
        .list("pieces", stack.pieces(), PlanDocument::piece)
        .number("widthMm", stack.widthMm())
        .number("lengthMm", stack.lengthMm());
  }

  private static Step step(DocumentReader in) {
    return new Step(
        in.text("key"),
        in.in("operation", OperationDocument::read),
        in.is("off", false),
        in.inOrNull("measured", MeasuredDocument::read));
  }

  private static DocumentWriter step(Step step) {
    return new DocumentWriter()
        .text("key", step.key())
        .in("operation", step.operation(), OperationDocument::write)
        .is("off", step.off())
        .in("measured", step.measured(), MeasuredDocument::write);
  }

  private static Part part(DocumentReader in) {
    return new Part(
        in.text("name"),
        in.in("plan", PlanDocument::plan),
        in.inOrNull("origin", PlanDocument::origin));
  }

  private static DocumentWriter part(Part part) {
    return new DocumentWriter()
        .text("name", part.name())
        .in("plan", part.plan(), PlanDocument::plan)
        .in("origin", part.origin(), PlanDocument::origin);
  }

  private static Origin origin(DocumentReader in) {
    return new Origin(in.whole("billetId"), in.text("billet"), in.text("stepKey"));
  }

  private static DocumentWriter origin(Origin origin) {
    return new DocumentWriter()
        .whole("billetId", Math.toIntExact(origin.billetId()))
        .text("billet", origin.billet())
        .text("stepKey", origin.stepKey());
  }

  private static WantedPieces wanted(DocumentReader in) {
    return new WantedPieces(
        in.text("name"),
        in.whole("count"),
        in.number("lengthMm"),
        in.number("widthMm"),
        in.number("heightMm"));
  }

  private static DocumentWriter wanted(WantedPieces w) {
    return new DocumentWriter()
        .text("name", w.name())
        .whole("count", w.count())
        .number("lengthMm", w.lengthMm())
        .number("widthMm", w.widthMm())
        .number("heightMm", w.heightMm());
  }

  /** A piece has a steel, a bar of a part has a part. */
  static Laid laid(DocumentReader in) {
    return in.has("part")
        ? new PartBar(
            in.text("part"),
            in.one("turn", TURNS, Turn.SAME),
            in.list("shims", PlanDocument::piece))
        : piece(in);
  }

  static DocumentWriter laid(Laid laid) {
    return switch (laid) {
      case Piece piece -> piece(piece);
      case PartBar bar ->
          new DocumentWriter()
              .text("part", bar.part())
              .one("turn", bar.turn(), TURNS)
              .list("shims", bar.shims(), PlanDocument::piece);
    };
  }

  /** What a piece does not say is as the stack, solid and bare. */
  static Piece piece(DocumentReader in) {
    return new Piece(
        in.text("steel"),
        in.number("thicknessMm"),
        in.number("widthMm", 0),
        in.number("lengthMm", 0),
        in.number("fill", 1),
        in.one("coating", COATINGS, Coating.NONE));
  }

  static DocumentWriter piece(Piece piece) {
    return new DocumentWriter()
        .text("steel", piece.steel())
        .number("thicknessMm", piece.thicknessMm())
        .number("widthMm", unless(0, piece.widthMm()))
        .number("lengthMm", unless(0, piece.lengthMm()))
        .number("fill", unless(1, piece.fill()))
        .one("coating", piece.coating() == Coating.NONE ? null : piece.coating(), COATINGS);
  }

  private static @Nullable Double unless(double usual, double value) {
    return Objects.equals(usual, value) ? null : Double.valueOf(value);
  }
}
