package app.geminal.server.billet;

import static app.geminal.server.billet.PlanDocument.PLAN;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.bar.Bars;
import app.geminal.billet.Origin;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import app.geminal.billet.WantedPieces;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Coating;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import app.geminal.measurement.Measurement;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Dimples;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.ForgedSurface;
import app.geminal.operation.FourWay;
import app.geminal.operation.Grind;
import app.geminal.operation.Ladder;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.Resquare;
import app.geminal.operation.Restack;
import app.geminal.operation.RollUp;
import app.geminal.operation.Sandwich;
import app.geminal.operation.Scrap;
import app.geminal.operation.SetAside;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.operation.Twist;
import app.geminal.operation.Upset;
import app.geminal.operation.Watch;
import app.geminal.server.stored.DocumentChecks;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.units.UnitSystem;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Method;
import app.geminal.weld.Tack;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Plans as they are stored, of this and every earlier format. */
class PlanDocumentTest {
  private static final Piece PIECE = new Piece("1075", 3.175);
  private static final Piece CABLE = new Piece("cable", 12, 40, 200, 0.7, Coating.ZINC);
  private static final PartBar BAR = new PartBar("core", Turn.QUARTER, List.of(PIECE));

  private static final Bars SOME = Bars.level(1, 40, 300, LayerSequence.band("1075", 30), 1, false);

  /** Those at home in packages of their own are tried as they are first guessed. */
  private static final List<Operation> ALL =
      Stream.<Operation>concat(
              here().stream(),
              OperationKinds.further().stream()
                  .map(kind -> kind.guess(SOME, ShopDefaults.common())))
          .toList();

  private static List<Operation> here() {
    return List.of(
        new SetWeld(
            3,
            0.08,
            1176.6666666666667,
            15,
            AtmosphereProtection.BOTH,
            Tack.WIRE,
            Jacket.CLOSED,
            Tool.HAMMER,
            2,
            Method.COPPER_SOLID),
        new Draw(38.1, 6.35, 3, Tool.MILL),
        new Trim(1, 2, 0.5),
        new Grind(0.2, 0.3),
        new Cut(4, 1.6, 0),
        new SetAside(1, 0, 1.6, List.of()),
        new Scrap(List.of(1, 2)),
        new Watch(),
        new Restack(Restack.EVERY_SECOND, List.of(PIECE, BAR), 0.4),
        new Fold(5, 2),
        new Twist(3.5, 2, Twist.Hand.BOTH, true, 2),
        new Resquare(45, 20, 2),
        new Upset(0.2, 1, 2),
        new RollUp(true, PIECE, 3),
        new FourWay(Turn.OVER, 1.6),
        new Ladder(12, 6, 1, true, false, 0, 1),
        new Dimples(12, 8, 1, false, 0, 1),
        new ForgedSurface(0.3, 6, 7),
        new Sandwich(List.of(PIECE), List.of(BAR, PIECE), 0.1),
        new LayUp(List.of(Turn.SAME, Turn.END), List.of(BAR), List.of(PIECE), List.of(PIECE), 0.1),
        new Blade(Blade.Profile.DROP, 200, 30, 4, 0.5, 20, 0.3, 90));
  }

  private static Plan whole() {
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < ALL.size(); i++) {
      steps.add(
          new Step(
              "s" + i,
              ALL.get(i),
              i % 3 == 0,
              i % 2 == 0 ? new Measurement(40.5, null, 120.0, null) : null));
    }
    Stack stack = new Stack(List.of(PIECE, CABLE), 38.1, 149.225);
    Part picked = new Part("core", Plan.of(stack, List.of()), new Origin(3, "Froe", "a"));
    return new Plan(
        stack, steps, List.of(picked), List.of(new WantedPieces("blade", 2, 200, 30, 4)));
  }

  private static List<Plan> samples() {
    return Stream.concat(
            Stream.of(whole()),
            Stream.of(
                    "13 (1084 3, 15N20 2) 40 x 150 > set 3 > draw 40 x 4.8, 6 heats > cut 5 > restack same, ground 0.5",
                    "(1084 3, 15N20 2) 40 x 150 > set 3 > draw 12 x 12 > twist 5")
                .map(line -> Shorthand.parse(line, UnitSystem.METRIC, ShopDefaults.common())))
        .toList();
  }

  @Test
  void everyKindOfStepIsAmongTheSamples() {
    assertThat(ALL.stream().map(OperationKinds::of).distinct())
        .hasSameElementsAs(OperationKinds.ALL);
  }

  @Test
  void comesBackAsItWas() {
    DocumentChecks.comesBack(PLAN, samples());
  }

  @Test
  void isReadAsTheCoreItselfWasStored() {
    DocumentChecks.readsWhatRecordsWere(PLAN, samples());
  }

  @Test
  void isReadOrRefusedHoweverItIsChangedAndLosesNothing() {
    assertThat(DocumentChecks.withstands(PLAN, samples(), 8000, 1)).isBetween(2000, 7900);
  }

  /** Stored by the first release: fewer figures, a word of its own for a bar laid back turned. */
  @Test
  void formatOne() {
    String stored =
        """
        {"stack": {"pieces": [{"steel": "1075", "thicknessMm": 3.0}], "widthMm": 40.0, "lengthMm": 150.0},
         "steps": [
          {"key": "s1", "operation": {"kind": "set", "heats": 3, "reduction": 0.08, "temperatureC": 1180.0,
            "soakMin": 15.0, "school": "BORAX"}},
          {"key": "s2", "operation": {"kind": "draw", "widthMm": 38.0, "heightMm": 2.0, "heats": 3}},
          {"key": "s3", "operation": {"kind": "cut", "pieces": 4, "kerfMm": 1.6}},
          {"key": "s4", "operation": {"kind": "restack", "lay": "TURNED",
            "between": [{"steel": "15N20", "thicknessMm": 1.0}]}},
          {"key": "s5", "operation": {"kind": "fold", "endLossMm": 5.0}},
          {"key": "s6", "operation": {"kind": "trim", "frontMm": 1.0, "backMm": 2.0, "sidesMm": 0.0}}]}
        """;
    assertThat(Shorthand.format(PLAN.read(stored, 1), UnitSystem.METRIC, ShopDefaults.common()))
        .isEqualTo(
            "(1075 3) 40 x 150 > set 3 > draw 38 x 2, 3 heats > cut 4"
                + " > restack turned, with (15N20 1) > fold, end 5 > trim 1, 2");
  }
}
