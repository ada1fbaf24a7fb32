package app.geminal.server.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.billet.Run;
import app.geminal.library.ShippedSteels;
import app.geminal.notation.Shorthand;
import app.geminal.pattern.Field;
import app.geminal.pattern.Pane;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The first look at a bar of 30 × 15 × 400 mm on 900 × 600 pixels. */
class PictureRequestTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();
  private static final Run RUN =
      Run.of(
          Shorthand.parse("3 (1075 5, 15N20 5) 30 x 400", UnitSystem.METRIC, PRACTICE),
          ShippedSteels.read(),
          PRACTICE);

  private static PictureRequest wanted(View.From from, PictureRequest.PartOfView part) {
    return new PictureRequest(
        RUN.plan(), "", 0, 0, new PictureRequest.Look(from, 1, 0, null), part, 900, 600, false);
  }

  @ParameterizedTest
  @CsvSource({"FACE, 31.8", "UNDER, 31.8", "ALONG, 15.9", "END, 21.2"})
  void aLongBarIsShownAcrossAndAnEndWhole(View.From from, double heightMm) {
    PictureRequest wanted = wanted(from, null);
    SectionView sight = wanted.sight(Field.of(RUN, 0));
    Pane pane = wanted.pane(sight);
    assertThat(pane.heightMm()).isCloseTo(heightMm, within(1e-9));
    assertThat(pane.widthMm() / pane.heightMm()).isCloseTo(1.5, within(1e-9));
    assertThat(pane.leftMm() + pane.widthMm() / 2).isCloseTo(sight.widthMm() / 2, within(1e-9));
    assertThat(pane.lowMm() + pane.heightMm() / 2).isCloseTo(sight.heightMm() / 2, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"FACE", "END"})
  void aPartAskedForIsThatPart(View.From from) {
    PictureRequest wanted = wanted(from, new PictureRequest.PartOfView(3, 4, 9, 6));
    assertThat(wanted.pane(wanted.sight(Field.of(RUN, 0))))
        .isEqualTo(new Pane(3, 4, 9, 6, 900, 600));
  }
}
