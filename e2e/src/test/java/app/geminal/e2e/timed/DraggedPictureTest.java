package app.geminal.e2e.timed;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Story;
import app.geminal.e2e.pages.InsidePage;
import app.geminal.e2e.pages.NewBilletPage;
import app.geminal.e2e.pages.SignInPage;
import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The picture of the inside follows the hand; run by bin/bench stories. */
@Tag("timed")
class DraggedPictureTest extends Story {
  private static final double DRAG_MS = 2500;

  @Test
  void fifteenFramesASecond() {
    SignInPage.at(page, shop).asDemo().startBillet();
    new NewBilletPage(page)
        .named("Ladder bar")
        .beginWithPattern("Ladder")
        .putOnRack()
        .line()
        .waitFor();
    page.navigate(page.url() + "/inside");
    InsidePage inside = new InsidePage(page).fine(0);
    // The first drags warm the server up as a smith's first look does.
    framesASecond(inside);
    framesASecond(inside);
    double best = DoubleStream.generate(() -> framesASecond(inside)).limit(2).max().orElseThrow();
    System.out.printf("measured: frames a second while dragged: %.1f%n", best);
    assertThat(best).as("frames a second").isGreaterThanOrEqualTo(15);
  }

  private static double framesASecond(InsidePage inside) {
    List<Double> frames = inside.drag("Groove pitch", ms -> ms > DRAG_MS);
    return (frames.size() - 1) / (frames.getLast() - frames.getFirst()) * 1000;
  }
}
