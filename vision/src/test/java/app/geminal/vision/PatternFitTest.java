package app.geminal.vision;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.asmade.PatternFigure;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PatternFitTest {
  private static final int FACES = Integer.getInteger("geminal.faces", 12);

  /** The first figure of a face: its turns, or its pitch. */
  private record Fitted(long seed, PaintedFace face, FittedPattern found) {
    static Fitted of(long seed, PaintedFace.Seen seen) {
      PaintedFace face = PaintedFace.of(seed, seen);
      return new Fitted(
          seed,
          face,
          PatternFit.of(face.asMade(), Photograph.of(face.picture()), face.corners(), () -> false));
    }

    boolean isTold() {
      return found.cannotTell().isEmpty();
    }

    boolean isTwist() {
      return face.asMade().figures().getFirst()
              instanceof PatternFigure.OfStep(_, var field, _, _, _)
          && field.name().equals("turns");
    }

    double off() {
      return Math.abs(found.figures().getFirst().range().value() / face.truth()[0] - 1);
    }

    boolean isNear() {
      return isTold() && off() <= (isTwist() ? 0.03 : 0.02);
    }

    boolean isHeld() {
      double truth = face.truth()[0];
      return found.figures().getFirst().range().low() <= truth
          && truth <= found.figures().getFirst().range().high();
    }

    boolean isGroundHeld() {
      double truth = face.truth()[face.truth().length - 1];
      return found.groundMm().filter(mm -> mm.low() <= truth && truth <= mm.high()).isPresent();
    }

    @Override
    public String toString() {
      return seed
          + (isTwist() ? " twist " : " ladder ")
          + face.truth()[0]
          + " planned "
          + face.asMade().planned()[0]
          + (isTold()
              ? " found "
                  + found.figures().getFirst().range().value()
                  + " off "
                  + off()
                  + " held "
                  + isHeld()
              : " cannot tell")
          + " likeness "
          + found.likeness();
    }
  }

  @Test
  void turnsAndPitchAreFoundInPhotographs() {
    List<Fitted> all =
        IntStream.range(0, FACES).mapToObj(seed -> Fitted.of(seed, PaintedFace.Seen.WELL)).toList();
    all.stream().filter(f -> !f.isNear()).forEach(f -> System.out.println("  " + f));
    long near = all.stream().filter(Fitted::isNear).count();
    long told = all.stream().filter(Fitted::isTold).count();
    long held = all.stream().filter(f -> f.isTold() && f.isHeld()).count();
    String measured =
        "turns within 3 %, pitch within 2 % " + near + ", said " + told + ", in range " + held;
    System.out.println("measured: " + measured + " of " + FACES);
    assertThat(near).as(measured).isGreaterThanOrEqualTo(Math.round(0.9 * FACES));
    assertThat(held).as(measured).isGreaterThanOrEqualTo(Math.round(0.9 * told));
    List<Fitted> ground = all.stream().filter(f -> f.found().groundMm().isPresent()).toList();
    long groundHeld = ground.stream().filter(Fitted::isGroundHeld).count();
    System.out.println("measured: depth said " + ground.size() + ", in range " + groundHeld);
    assertThat(ground).hasSizeGreaterThan(FACES / 4).allMatch(Fitted::isTwist);
    assertThat(groundHeld).isGreaterThanOrEqualTo(Math.round(0.9 * ground.size()));
  }

  @Test
  void whatIsHiddenIsNotSaid() {
    List<Fitted> all =
        IntStream.range(0, FACES / 2)
            .mapToObj(seed -> Fitted.of(5000 + seed, PaintedFace.Seen.HIDDEN))
            .toList();
    assertThat(all).noneMatch(Fitted::isTold);
  }

  @Test
  void whatTakesTooLongIsGivenUp() {
    PaintedFace face = PaintedFace.of(1, PaintedFace.Seen.WELL);
    AtomicInteger asked = new AtomicInteger();
    FittedPattern found =
        PatternFit.of(
            face.asMade(),
            Photograph.of(face.picture()),
            face.corners(),
            () -> asked.incrementAndGet() > 40);
    assertThat(found.cannotTell()).hasValue(VisionText.PATTERN_TOO_SLOW.with());
    assertThat(found.figures()).isEmpty();
  }
}
