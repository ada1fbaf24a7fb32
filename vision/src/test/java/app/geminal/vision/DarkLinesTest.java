package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DarkLinesTest {
  private static final int FACES = Integer.getInteger("geminal.flaws", 24);

  /** Of one face: how many lines there are, how many of them were found, and what else was. */
  private record Compared(int open, int found, int wrong) {
    static Compared of(long seed, DarkLines.Face face) {
      PaintedFlaws painted = PaintedFlaws.of(seed, face);
      List<DarkLine> lines =
          DarkLines.on(
              Photograph.of(painted.picture()),
              painted.corners(),
              painted.widthMm(),
              painted.heightMm(),
              face);
      long found =
          painted.open().stream()
              .filter(o -> lines.stream().anyMatch(l -> isOn(l, o, painted)))
              .count();
      long wrong =
          lines.stream()
              .filter(l -> painted.open().stream().noneMatch(o -> isOn(l, o, painted)))
              .count();
      return new Compared(painted.open().size(), (int) found, (int) wrong);
    }

    /** At the same height within 1 mm, and over half of the same length. */
    private static boolean isOn(DarkLine line, PaintedFlaws.Open open, PaintedFlaws on) {
      double both = Math.min(line.toX(), open.toX()) - Math.max(line.fromX(), open.fromX());
      double y = (line.fromY() + line.toY()) / 2;
      return Math.abs(y - open.y()) * on.heightMm() < 1 && both > 0.5 * (open.toX() - open.fromX());
    }
  }

  @ParameterizedTest
  @EnumSource
  void openJointsAreProposedAndLittleElse(DarkLines.Face face) {
    List<Compared> all =
        IntStream.range(0, FACES).mapToObj(seed -> Compared.of(seed, face)).toList();
    int open = all.stream().mapToInt(Compared::open).sum();
    int found = all.stream().mapToInt(Compared::found).sum();
    int wrong = all.stream().mapToInt(Compared::wrong).sum();
    String measured =
        face + ": found " + found + " of " + open + ", false " + wrong + " on " + FACES;
    System.out.println("measured: " + measured);
    // A glowing bar's shadows are faint, and dark ends and glare swallow more of them.
    double wanted = face == DarkLines.Face.ETCHED ? 0.85 : 0.75;
    assertThat(found).as(measured).isGreaterThanOrEqualTo((int) Math.ceil(wanted * open));
    assertThat(wrong).as(measured).isLessThanOrEqualTo(FACES);
  }
}
