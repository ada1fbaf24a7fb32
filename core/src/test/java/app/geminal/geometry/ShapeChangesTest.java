package app.geminal.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every change known both ways is one change: what it moves forwards comes back to where it was,
 * its boxes hold what was in them, and no steel is lost that it does not say is gone.
 */
class ShapeChangesTest {
  private static final int POINTS = 4000;
  private static final double NEAR_MM = 1e-6;

  private static final Size BAR = new Size(240, 30, 20);

  private record Case(String name, Bars before, BarChange change) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static Bars bars(int count, Size size) {
    LayerSequence layers =
        LayerSequence.join(
            List.of(
                LayerSequence.band("D", size.height() / 2),
                LayerSequence.band("B", size.height() / 2)));
    return Bars.level(count, size.width(), size.length(), layers, 2, false);
  }

  private static Bars round(double lengthMm, double diameterMm) {
    return bars(1, new Size(lengthMm, diameterMm, diameterMm)).withForm(Form.ROUND, Math.PI / 4);
  }

  static List<Case> cases() {
    Bars bar = bars(1, BAR);
    Bars square = bars(1, new Size(240, 20, 20));
    Map<String, BarChange> of = new LinkedHashMap<>();
    of.put("scale", SkinOff.everywhere(bar, 0.7));
    of.put("ends", SkinOff.ends(bar, 12, 5));
    of.put("sides", SkinOff.sides(bar, 2, 1, 3));
    of.put("drawn", Stretch.toSection(bar, 24, 8));
    for (Turn turn : Turn.values()) {
      of.put("turned " + turn, new Reorientation(turn, BAR));
      of.put("tiled " + turn, new Tiled(turn, new Size(58.5, 30, 20), 2));
    }
    of.put("bowed", new BowedLayers(4, BAR));
    Grooves grooves = new Grooves(20, 10, 3);
    of.put("grooves", hollowed(grooves, false, false, 1));
    of.put("on both", hollowed(grooves, true, false, 1));
    of.put("pressed", hollowed(grooves, true, true, 1));
    RoundHollows dimples = new RoundHollows(12, 4, 2);
    double dimple = Math.PI * 2 * (3 * 4 * 4 + 2 * 2) / 6 / (12 * 12);
    of.put("dimples", hollowed(dimples, true, false, dimple));
    of.put("uneven", new SurfaceNoise(2, 15, 3, BAR));
    of.put("folded", new Folded(BAR, 10));
    List<Case> all = new ArrayList<>();
    of.forEach((name, change) -> all.add(new Case(name, bar, change)));
    Bars three = bars(3, BAR);
    all.add(new Case("sawn", three, new Sawn(4, 1.6, new Size(58, 30, 20))));
    all.add(new Case("parted", three, new Parted(new Size(150, 30, 20), 2, 80)));
    List<Integer> order = List.of(1, 0, 2);
    all.add(new Case("set aside", three, new Renumbered(order, 2, true, BAR)));
    all.add(new Case("scrapped", three, new Renumbered(order, 1, false, BAR)));
    all.add(new Case("twist", square, DiscTurn.toSection(square, 20, 20, new Twisted(0.05, 0))));
    all.add(new Case("both", square, DiscTurn.toSection(square, 18, 18, new Twisted(0.1, 60))));
    all.add(new Case("corner", square, DiscTurn.toSection(square, 15, 15, new Corner(30))));
    Bars round = round(200, 18);
    all.add(new Case("drawn round", round, DiscTurn.toSection(round, 20, 8, Turning.NONE)));
    return all;
  }

  /** Pressed, or ground and forged down, until the hollows are gone. */
  private static FilledHollows hollowed(
      FilledHollows.Hollows hollows, boolean both, boolean isPressed, double meanMm) {
    double deepest = hollows instanceof Grooves grooves ? grooves.deepestMm() : 2;
    double height = BAR.height() - (both ? 2 : 1) * deepest;
    double gone = isPressed ? 0 : (both ? 2 : 1) * meanMm;
    double length = isPressed ? BAR.length() : BAR.length() * (BAR.height() - gone) / height;
    Size after = new Size(length, BAR.width(), height);
    return new FilledHollows(hollows, both, BAR, after, isPressed, isPressed ? meanMm : 0);
  }

  @Test
  void noKindOfChangeIsLeftOut() {
    assertThat(cases().stream().<Class<?>>map(c -> c.change().getClass()).distinct().toList())
        .containsExactlyInAnyOrderElementsOf(
            new ClassFileImporter()
                .importPackagesOf(BarChange.class).stream()
                    .filter(type -> type.isAssignableTo(BarChange.class) && !type.isInterface())
                    .<Class<?>>map(JavaClass::reflect)
                    .toList());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void whatGoesForwardsComesBack(Case each) {
    ShapeChangeLaws.whatGoesForwardsComesBack(each.before(), each.change());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void boxesHoldWhatWasInThem(Case each) {
    ShapeChangeLaws.boxesHoldWhatWasInThem(each.before(), each.change());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void steelThatIsNotThereAnyMoreIsGone(Case each) {
    ShapeChangeLaws.steelThatIsNotThereAnyMoreIsGone(each.before(), each.change());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void everyPieceKeepsItsVolumeAsFarAsIsSaid(Case each) {
    ShapeChangeLaws.everyPieceKeepsItsVolumeAsFarAsIsSaid(each.before(), each.change());
  }

  static Stream<Block> blocks() {
    List<Piece> shims = List.of(new Piece("M", 1));
    List<PlacedBar> placed =
        List.of(
            placed(new PlacedBar.What.OwnBar(0), Turn.SAME, List.of(), 20),
            placed(new PlacedBar.What.Sheet("M"), Turn.SAME, List.of(), 2),
            placed(new PlacedBar.What.OwnBar(1), Turn.OVER, List.of(), 20),
            placed(new PlacedBar.What.PartOf("edge", 0), Turn.END, shims, 13),
            placed(new PlacedBar.What.PartOf("edge", 1), Turn.SAME, List.of(), 12));
    Map<String, Size> parts = Map.of("edge", new Size(240, 30, 12));
    List<PlacedBar> beside =
        List.of(
            placed(new PlacedBar.What.OwnBar(0), Turn.QUARTER, List.of(), 20),
            placed(new PlacedBar.What.OwnBar(1), Turn.SAME, List.of(), 30));
    return Stream.of(
        new Block(true, new Size(240, 30, 67), placed, BAR, parts),
        new Block(false, new Size(240, 50, 20), beside, BAR, Map.of()));
  }

  private static PlacedBar placed(
      PlacedBar.What what, Turn turn, List<Piece> shims, double sizeMm) {
    return PlacedBar.of(what, turn, shims).withSizeMm(sizeMm);
  }

  @ParameterizedTest
  @MethodSource("blocks")
  void whatIsLaidIntoABlockIsFoundInIt(Block block) {
    SplittableRandom random = new SplittableRandom(15);
    int there = 0;
    for (int i = 0; i < POINTS; i++) {
      int source = random.nextInt(block.sources().size());
      if (block.sources().get(source) instanceof Source.OwnBars
          || block.sources().get(source) instanceof Source.PartBars) {
        double high = block.sources().get(source) instanceof Source.OwnBars ? 20 : 12;
        // Of two equal blocks.
        Point from = ShapeChangeLaws.somewhere(bars(4, new Size(240, 30, high)), random);
        there += comesBack(block, source, from, random) ? 1 : 0;
      }
    }
    assertThat(there).isGreaterThan(POINTS / 4);
  }

  private static boolean comesBack(
      Gathering gathering, int source, Point from, SplittableRandom random) {
    Point p = ShapeChangeLaws.copy(from);
    Box box = ShapeChangeLaws.around(from, random);
    if (!gathering.forward(source, p)) {
      return false;
    }
    Point image = ShapeChangeLaws.copy(p);
    assertThat(gathering.forward(source, box)).anyMatch(b -> b.holds(image, NEAR_MM));
    gathering.back().forEach(step -> step.back(p));
    assertThat(gathering.backInto(p)).isEqualTo(source);
    assertThat(ShapeChangeLaws.show(p)).isEqualTo(ShapeChangeLaws.show(from));
    return true;
  }

  static List<RolledStrip> rolls() {
    Size strip = new Size(240, 30, 4);
    Size after = new Size(30, 31, 31);
    return List.of(
        new RolledStrip(strip, Spiral.of(4, 240, 0), null, false, after),
        new RolledStrip(strip, Spiral.of(4, 240, 3), "M", true, after));
  }

  @ParameterizedTest
  @MethodSource("rolls")
  void aRolledStripUnrolls(RolledStrip roll) {
    SplittableRandom random = new SplittableRandom(16);
    for (int i = 0; i < POINTS; i++) {
      Point from = ShapeChangeLaws.somewhere(bars(1, roll.strip()), random);
      // Where an end tapers out, rounding hides its thickness.
      if (from.x > 1 && from.x < roll.strip().length() - 1) {
        assertThat(comesBack(roll, 0, from, random)).isTrue();
      }
    }
  }

  @Test
  void aLengthSetAsideIsFoundInWhatWasSetAside() {
    Parted parted = new Parted(new Size(150, 30, 20), 2, 80);
    Box seam = new Box(1, new LineSpan(140, 170), new LineSpan(3, 4), new LineSpan(5, 5));
    Destination there = parted.forward(seam);
    assertThat(there.here()).extracting(b -> b.x().to()).containsExactly(150.0);
    assertThat(there.aside()).extracting(b -> b.x().to()).containsExactly(18.0);
    Renumbered aside = new Renumbered(List.of(1, 0, 2), 2, true, BAR);
    assertThat(aside.forward(seam.inBar(2)).aside()).extracting(Box::bar).containsExactly(0);
    assertThat(aside.forward(seam).here()).extracting(Box::bar).containsExactly(0);
    Renumbered scrap = new Renumbered(List.of(1, 0, 2), 2, false, BAR);
    assertThat(scrap.forward(seam.inBar(2))).isEqualTo(Destination.GONE);
  }

  @Test
  void bothFacesShowTheirGroovesHalfAPitchApart() {
    Grooves grooves = new Grooves(20, 10, 3);
    FilledHollows forged = new FilledHollows(grooves, true, bar(16), bar(12), false, 0);
    assertThat(cameFrom(forged, 50, 12)).as("bottom of a groove on top").isEqualTo(13);
    assertThat(cameFrom(forged, 50, 0)).as("between grooves below").isEqualTo(0);
    assertThat(cameFrom(forged, 40, 0)).as("bottom of a groove below").isEqualTo(3);
    assertThat(cameFrom(forged, 40, 12)).as("between grooves on top").isEqualTo(16);
    // Pressed by a die with steel to spare, and ground flush to the bottoms.
    FilledHollows pressed = new FilledHollows(grooves, false, bar(16), bar(13), true, 1);
    assertThat(cameFrom(pressed, 50, 13)).isCloseTo(13 * 16 / 14.0, within(1e-9));
    assertThat(cameFrom(pressed, 40, 13)).isCloseTo(13 * 16 / 17.0, within(1e-9));
  }

  @Test
  void aBowPushesLayersOutInTheMiddleAndKeepsThemWhereTheyAreOnAverage() {
    BowedLayers bowed = new BowedLayers(4, new Size(100, 30, 20));
    double mean = 0;
    Point p = new Point();
    for (int i = 0; i < 1000; i++) {
      p.begin(0, 15, (i + 0.5) / 50, 0);
      ShapeChangeLaws.back(bowed, p);
      mean += (15 - p.y) / 1000;
    }
    assertThat(mean).isCloseTo(0, within(1e-3));
    p.begin(0, 15, 10, 0);
    ShapeChangeLaws.back(bowed, p);
    assertThat(15 - p.y).isCloseTo(4.0 / 3, within(1e-9));
  }

  @Test
  void layersNeverCrossUnderUnevenForging() {
    SurfaceNoise humps = new SurfaceNoise(4.9, 12, 5, new Size(200, 40, 10));
    SplittableRandom random = new SplittableRandom(3);
    Point p = new Point();
    for (int i = 0; i < 2000; i++) {
      double x = random.nextDouble(0, 200);
      double y = random.nextDouble(0, 40);
      double below = -1;
      for (double z = 0; z <= 10; z += 0.05) {
        p.begin(x, y, z, 0);
        ShapeChangeLaws.back(humps, p);
        assertThat(p.z).isBetween(z - 4.9, z + 4.9).isBetween(0.0, 10.0);
        assertThat(p.z).isGreaterThanOrEqualTo(below);
        below = p.z;
      }
    }
  }

  private static double cameFrom(FilledHollows hollowed, double x, double z) {
    Point p = new Point();
    p.begin(x, 5, z, 0);
    ShapeChangeLaws.back(hollowed, p);
    return p.z;
  }

  private static Size bar(double heightMm) {
    return new Size(200, 40, heightMm);
  }
}
