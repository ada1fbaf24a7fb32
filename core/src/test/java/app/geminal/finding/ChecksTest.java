package app.geminal.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.billet.Origin;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.layup.Piece;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.shop.FacePrep;
import app.geminal.shop.Forge;
import app.geminal.shop.Lining;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.Quantity;
import app.geminal.units.UnitSystem;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChecksTest {

  private static List<Finding> found(String line) {
    ShopDefaults defaults = ShopDefaults.common();
    Run run = Run.of(Shorthand.parse(line, UnitSystem.METRIC, defaults), TestSteels.ALL, defaults);
    return Checks.of(run, TestSteels.ALL, Shop.common(), ShopKnowledge.nothing());
  }

  /** Each check: a plan that triggers it, and one just inside the limit that does not. */
  @ParameterizedTest(name = "{0} {1}")
  @CsvSource(
      delimiter = '~',
      value = {
        "not-set~ERROR~3 (D 3, B 2) 40 x 100 > draw 40 x 5~3 (D 3, B 2) 40 x 100 > set 3 > draw 40 x 5",
        "not-set~ERROR~3 (D 3, B 2) 40 x 200 > cut 2~3 (D 3, B 2) 40 x 200 > set 3 > cut 2",
        "not-set~ERROR~3 (D 3, B 2) 40 x 200 > fold~3 (D 3, B 2) 40 x 200 > set 3 > fold",
        "piece-too-short~WARNING~(D 9) 40 x 239.9 > cut 4, kerf 0~(D 9) 40 x 240 > cut 4, kerf 0",
        "below-welding-heat~ERROR~3 (D 3, B 2) 40 x 100 > set 3 999C~3 (D 3, B 2) 40 x 100 > set 3 1110C",
        "below-welding-heat~WARNING~3 (D 3, B 2) 40 x 100 > set 3 1109C~3 (D 3, B 2) 40 x 100 > set 3 1110C",
        "overheated~WARNING~3 (D 3, B 2) 40 x 100 > set 3 1261C~3 (D 3, B 2) 40 x 100 > set 3 1260C",
        "overheated~WARNING~3 (D 3, B 2) 40 x 100 > set 3 1261C~(M 3, M 2) 40 x 100 > set 3 1261C",
        "above-solidus~ERROR~3 (D 3, B 2) 40 x 100 > set 3 1345C~3 (D 3, B 2) 40 x 100 > set 3 1344C",
        "no-weld-window~ERROR~3 (D 3, Hot 2) 40 x 100 > set 3~3 (D 3, M 2) 40 x 100 > set 3",
        "copper-runs~ERROR~3 (D 3, Cu 2) 40 x 100 > set 3~3 (D 3, M 2) 40 x 100 > set 3",
        "edge-carbon~WARNING~3 (D 3, M 7) 40 x 100 > set 3~3 (D 3, B 3) 40 x 100 > set 3",
        "fume-metals~NOTE~3 (D 3, B 2) 40 x 100 > set 3~3 (D 3, M 3) 40 x 100 > set 3",
        "first-set-too-hard~WARNING~3 (D 3, B 2) 40 x 100 > set 2 19.1%~3 (D 3, B 2) 40 x 100 > set 2 18.9%",
        "few-setting-heats~WARNING~3 (D 3, B 2) 40 x 100 > set 1~3 (D 3, B 2) 40 x 100 > set 2",
        "joints-merge~NOTE~3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same~4 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same",
        "joints-merge~NOTE~4 (D 3, B 2) 40 x 200 > set 3 > fold~4 (D 3, B 2) 40 x 200 > set 3",
        "layers-lost-to-grinding~NOTE~3 (D 3, B 2) 40 x 200 > grind 3, 0~3 (D 3, B 2) 40 x 200 > grind 2.9, 0",
        "layers-too-fine~NOTE~10 (D 0.049, B 0.049) 40 x 200~10 (D 0.05, B 0.05) 40 x 200",
        "layers-too-fine~NOTE~100 (D 0.5, B 0.5) 40 x 500 > set 3 > draw 40 x 5, 4 heats > cut 10 > restack same > set 3 > draw 40 x 5.2, 4 heats > blade 150 x 25 x 5, edge 0.4, bevel 20~100 (D 0.5, B 0.5) 40 x 500 > set 3 > draw 40 x 5, 4 heats > cut 10 > restack same > set 3 > draw 40 x 20, 4 heats > blade 150 x 25 x 5, edge 0.4, bevel 20",
        "draw-too-wide~WARNING~(D 28) 39 x 100 > draw 120 x 5, 3 heats~(D 28) 39 x 100 > draw 60 x 5, 3 heats",
        "layers-too-fine~NOTE~100 (D 3, B 3) 40 x 2000 > cut 7 > restack same~100 (D 3, B 3) 40 x 2000 > cut 6 > restack same",
        "not-set~ERROR~3 (D 3, B 2) 10 x 200 > twist 1~3 (D 3, B 2) 10 x 200 > set 3 > twist 1",
        "not-set~ERROR~(D 10 fill 60%) 12 x 200 > set 4 10% > draw 10 x 5~(D 10 fill 60%) 12 x 200 > set 4 45% > draw 10 x 5",
        "not-set~ERROR~3 (D 4, B 2) 10 x 200 > resquare~3 (D 4, B 2) 10 x 200 > set 3 > resquare",
        "outer-piece-thin~WARNING~3 (D 1.9, B 1.5) 40 x 90 > set 3 ends~3 (D 2, B 1.5) 40 x 90 > set 3 ends",
        "outer-piece-thin~WARNING~3 (D 2.4, B 2.5) 40 x 90 > set 3 ends~3 (D 2.4, B 2.5) 40 x 90 > set 3 sides",
        "long-stack-no-side-bead~WARNING~3 (D 3, B 1.9) 40 x 100.1 > set 3 ends~3 (D 3, B 1.9) 40 x 100 > set 3 ends",
        "long-stack-no-side-bead~WARNING~3 (D 3, B 1.9) 40 x 110 > set 3 proud~3 (D 3, B 2) 40 x 110 > set 3 proud",
        "widths-differ~WARNING~(D 3, B 2 x 41.6, D 3) 40 x 90 > set 3~(D 3, B 2 x 41.5, D 3) 40 x 90 > set 3",
        "widths-differ~WARNING~(D 3, B 2 x 40 x 88.4, D 3) 40 x 90 > set 3~(D 3, B 2 x 40 x 88.5, D 3) 40 x 90 > set 3",
        "widths-differ~WARNING~part a = (M 5) 41.6 x 100 | (D 9) 40 x 100 > sandwich above (@a)~part a = (M 5) 41.5 x 100 | (D 9) 40 x 100 > sandwich above (@a)",
        "heights-do-not-match~WARNING~part a = (M 9.2) 12 x 100 | (D 9.41) 40 x 100 > layup left (@a)~part a = (M 9.2) 12 x 100 | (D 9.4) 40 x 100 > layup left (@a)",
        "press-opening~ERROR~2 (D 77.6, B 77.6) 100 x 100 > set 3 flat~2 (D 77.5, B 77.5) 100 x 100 > set 3 flat",
        "press-opening~ERROR~2 (D 30.1, B 30) 40 x 100 > set 3 hammer~2 (D 30, B 30) 40 x 100 > set 3 hammer",
        "chamber-fit~ERROR~2 (D 55, B 56) 120 x 100 > set 3~2 (D 55, B 55) 120 x 100 > set 3",
        "chamber-fit~NOTE~2 (D 5, B 5) 40 x 401 > set 3~2 (D 5, B 5) 40 x 400 > set 3",
        "too-heavy~WARNING~2 (D 25, B 25) 50 x 281 > set 3~2 (D 25, B 25) 50 x 279 > set 3",
        "overheated~WARNING~3 (D 3, B 2) 40 x 100 > set 3 1291C~(M 3, M 2) 40 x 100 > set 3 1291C",
        "soak-short~WARNING~9 (D 6, B 6) 40 x 100 > set 3 5min~3 (D 3, B 2) 40 x 100 > set 3 15min",
        "soak-long~NOTE~3 (D 3, B 2) 40 x 100 > set 3 60min~3 (D 3, B 2) 40 x 100 > set 3 8min",
        "first-set-too-hard~WARNING~3 (D 3, B 2) 40 x 100 > set 3 round~3 (D 3, B 2) 40 x 100 > set 3 flat",
        "few-setting-heats~WARNING~(D 2, B 1) 40 x 300 > set 3 > roll square > set 3~(D 2, B 1) 40 x 300 > set 3 > roll square > set 4",
        "few-setting-heats~WARNING~(D 20 fill 70%) 30 x 100 > set 3~(D 20 fill 70%) 30 x 100 > set 4",
        "face-not-ground~WARNING~3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same~3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same, ground 0.1",
        "face-not-ground~WARNING~3 (D 3, B 2) 40 x 200 > set 3 > fold~3 (D 3, B 2) 40 x 200 > set 3 > grind 0, 0.1 > fold",
        "face-not-ground~WARNING~3 (D 3, B 2) 40 x 200 > set 3 > grind 0, 1 > cut 2 > restack same~3 (D 3, B 2) 40 x 200 > set 3 > grind 1, 1 > cut 2 > restack same",
        "face-not-ground~WARNING~3 (D 3, B 2) 40 x 200 > set 3 > grind 1, 1 > upset 20%, 2 heats > cut 2 > restack same~3 (D 3, B 2) 40 x 200 > set 3 > upset 20%, 2 heats > grind 1, 1 > cut 2 > restack same",
        "face-not-ground~WARNING~3 (D 3, B 2) 40 x 200 > set 3 > sandwich (D 3)~3 (D 3, B 2) 40 x 200 > set 3 > sandwich (D 3), ground 0.2",
        "face-not-ground~WARNING~3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > layup same~3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > layup same, ground 0.2",
        "flux-needless~NOTE~3 (D 3, B 2) 40 x 100 > set 3 > set 2 borax~3 (D 3, B 2) 40 x 100 > set 3 > set 2 dry",
        "can-without-vent~WARNING~3 (D 3, B 2) 40 x 100 > set 3 sealed closed~3 (D 3, B 2) 40 x 100 > set 3 sealed vented",
        "fuel-flare~NOTE~3 (D 3, B 2) 40 x 100 > set 3 dry~3 (D 3, B 2) 40 x 100 > set 3 borax",
        "force-short~NOTE~2 (D 12, B 12) 90 x 150 > set 3 1050C~2 (D 12, B 12) 20 x 100 > set 3 1180C",
        "force-short~ERROR~(D 4, B 4) 400 x 100 > set 3 1000C~(D 4, B 4) 15 x 100 > set 3 1200C",
        "dies-narrow-on-set~WARNING~3 (D 3, B 2) 40 x 131 > set 3 1 bite~3 (D 3, B 2) 40 x 130 > set 3 1 bite",
        "twist-corners~WARNING~(D 12) 12 x 300 > twist 1, square~(D 12) 12 x 300 > twist 1",
        "twist-shear~WARNING~(D 12) 12 x 300 > twist 10.6~(D 12) 12 x 300 > twist 10.5",
        "resquare-too-thin~WARNING~(D 11.9) 12 x 300 > resquare~(D 12) 12 x 300 > resquare",
        "resquare-too-thin~WARNING~(D 11.9) 12 x 300 > fourway same~(D 12) 12 x 300 > fourway same",
        "groove-too-deep~WARNING~(D 10) 30 x 300 > ladder pitch 20, width 8, depth 4.55~(D 10) 30 x 300 > ladder pitch 20, width 8, depth 4.4",
        "groove-too-deep~WARNING~(D 10) 30 x 300 > dimples pitch 20, across 8, depth 4.55~(D 10) 30 x 300 > dimples pitch 20, across 8, depth 4.4",
        "pattern-on-tang~NOTE~(D 10) 30 x 300 > ladder pitch 20, width 8, depth 1 > blade 200 x 25 x 5, tang 60~(D 10) 30 x 300 > ladder pitch 20, width 8, depth 1 > blade 200 x 25 x 5",
        "pattern-ground-through~WARNING~(D 10) 30 x 300 > uneven 1, scale 10 > blade 200 x 25 x 7.1~(D 10) 30 x 300 > uneven 1, scale 10 > blade 200 x 25 x 7",
        "pattern-ground-through~WARNING~(D 10) 30 x 300 > blade 200 x 25 x 9.1~(D 10) 30 x 300 > blade 200 x 25 x 9",
        "band-too-wide~NOTE~(D 4, M 0.2, D 4) 30 x 300 > blade 200 x 25 x 6, edge 0.4, bevel 14~(D 4, D 0.2, D 4) 30 x 300 > blade 200 x 25 x 6, edge 0.4, bevel 14",
        "band-too-wide~NOTE~(D 2, B 0.5, D 4, B 0.5, D 2) 30 x 300 > blade 200 x 25 x 8, edge 0.4, bevel 20~(D 2, B 0.3, D 4, B 0.3, D 2) 30 x 300 > blade 200 x 25 x 8, edge 0.4, bevel 20",
        "finish-short~ERROR~(D 10) 30 x 202.5 | want 2 of 100.5 x 25 x 8 blade~(D 10) 30 x 202.6 | want 2 of 100.5 x 25 x 8 blade",
        "finish-short~ERROR~(D 10) 30 x 300 | want 1 of 100 x 25 x 9.1 blade~(D 10) 30 x 300 | want 1 of 100 x 25 x 9 blade",
        "copper-runs~ERROR~(D 3, Cu 0.5, D 3) 40 x 100 > set 1 1041C sealed solid~(D 3, Cu 0.5, D 3) 40 x 100 > set 1 1040C sealed solid",
        "copper-runs~WARNING~(D 3, Cu 0.5, D 3) 40 x 100 > set 1 6% 1100C molten~(D 3, Cu 0.5, D 3) 40 x 100 > set 1 5% 1100C molten",
        "zinc-or-lead~ERROR~3 (D 3, M 2 galvanised) 40 x 100 > set 3~3 (D 3, M 2) 40 x 100 > set 3",
        "plated-stock~ERROR~3 (D 3, M 2 plated) 40 x 100 > set 3~3 (D 3, M 2) 40 x 100 > set 3",
        "face-not-ground~ERROR~3 (D 3, M 2) 40 x 200 > set 3 > cut 2 > restack same, with (M 2 painted), ground 0.2~3 (D 3, M 2) 40 x 200 > set 3 > cut 2 > restack same, with (M 2), ground 0.2",
      })
  void speaksAboveTheLimitAndNotJustInside(
      String id, Severity severity, String triggers, String inside) {
    assertThat(found(triggers))
        .anySatisfy(f -> {
          assertThat(f.family()).isEqualTo(id);
          assertThat(f.severity()).isEqualTo(severity);
          assertThat(f.why().toString()).isNotBlank();
          assertThat(f.action().toString()).isNotBlank();
        });
    assertThat(found(inside)).extracting(Finding::family).doesNotContain(id);
  }

  /** 23 t set a face that they could not draw. */
  @Test
  void aHeavyStackIsSetByAModestPress() {
    Shop shop = Shop.common().withPress(new Press(0, 0, 230, 300, 60, 100, 45, 10));
    String stack = "10 (D 10, B 10) 100 x 100 > set 3 9%";
    assertThat(found(stack, shop, ShopKnowledge.nothing()))
        .filteredOn(f -> f.family().equals("force-short"))
        .singleElement()
        .satisfies(f -> {
          assertThat(f.severity()).isEqualTo(Severity.NOTE);
          assertThat(f.actual().orElseThrow()).isBetween(250.0, 420.0);
        });
  }

  @Test
  void aLongSoakCostsTheGrowthAndNotItsMinutesAlone() {
    Finding held =
        found("3 (D 3, B 2) 40 x 100 > set 3 60min 1180C").stream()
            .filter(f -> f.family().equals("soak-long"))
            .findFirst()
            .orElseThrow();
    assertThat(held.figures()).containsEntry("planned", Quantity.minutes(60)).containsKey("needed");
    // By hand, 2.33 √(Dt) with D = 1.68e-10 m²/s: 1.8 mm after 60 min, 0.5 after the 5 it needs.
    assertThat(((Quantity) held.figures().get("decarb")).value()).isBetween(1.1, 1.4);
  }

  @Test
  void hazardsComeFirst() {
    List<Finding> found = found("3 (D 3, B 2) 40 x 100 > draw 40 x 5 > set 1 1400C");
    assertThat(found.getFirst().family()).isEqualTo("above-solidus");
    assertThat(found.getFirst().safety()).isTrue();
    assertThat(found)
        .isSortedAccordingTo(
            Comparator.comparing((Finding f) -> !f.safety()).thenComparing(Finding::severity));
  }

  @Test
  void remediesRepairWhatTheyAreFor() {
    assertThat(remedied("3 (D 3, B 2) 40 x 100 > set 1", "few-setting-heats"))
        .isInstanceOfSatisfying(SetWeld.class, w -> assertThat(w.heats()).isEqualTo(3));
    assertThat(remedied("3 (D 3, B 2) 40 x 100 > set 3 1400C", "above-solidus"))
        .isInstanceOfSatisfying(SetWeld.class, w -> assertThat(w.temperatureC()).isEqualTo(1190));
    assertThat(remedied("3 (D 3, B 2) 40 x 100 > set 2 30%", "first-set-too-hard"))
        .isInstanceOfSatisfying(
            SetWeld.class, w -> assertThat(w.reductionPerHeat()).isLessThanOrEqualTo(0.1));
    assertThat(remedied("4 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack turned", "joints-merge"))
        .isEqualTo(Restack.of(Restack.ALL_SAME));
    assertThat(remedied("3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same", "joints-merge"))
        .isEqualTo(new Restack(Restack.ALL_SAME, List.of(new Piece("B", 1.5875)), 0));
  }

  private static List<Finding> found(String line, Shop shop, ShopKnowledge known) {
    Run run =
        Run.of(
            Shorthand.parse(line, UnitSystem.METRIC, shop.defaults()),
            TestSteels.ALL,
            shop.defaults());
    return Checks.of(run, TestSteels.ALL, shop, known);
  }

  private static void only(String id, Shop speaks, Shop silent, String line) {
    assertThat(found(line, speaks, ShopKnowledge.nothing()))
        .extracting(Finding::family)
        .contains(id);
    assertThat(found(line, silent, ShopKnowledge.nothing()))
        .extracting(Finding::family)
        .doesNotContain(id);
  }

  private static Shop forge(
      Lining lining, boolean airControl, double litres, @Nullable Double off) {
    Forge f = Shop.common().forge();
    return Shop.common()
        .withForge(
            new Forge(
                f.widthMm(),
                f.heightMm(),
                f.lengthMm(),
                f.doorWidthMm(),
                f.doorHeightMm(),
                false,
                f.burners(),
                litres,
                f.powerKw(),
                airControl,
                lining,
                off,
                f.highestC()));
  }

  private static Shop habits(FacePrep faces, boolean degreases) {
    ShopDefaults p = ShopDefaults.common();
    return Shop.common()
        .withDefaults(
            new ShopDefaults(
                p.atmosphere(),
                p.protection(),
                p.settingHeats(),
                p.setReduction(),
                p.weldTemperatureC(),
                p.soakMin(),
                p.tack(),
                p.jacket(),
                p.setTool(),
                p.drawTemperatureC(),
                p.drawHeatMin(),
                p.drawTool(),
                p.kerfMm(),
                p.endTrimMm(),
                p.faceGrindMm(),
                p.jacketMm(),
                p.finishGrindMm(),
                p.scaleFactor(),
                faces,
                degreases));
  }

  @Test
  void theShopDecides() {
    String open = "3 (D 3, B 2) 40 x 100 > set 3";
    Shop good = forge(Lining.HARD, true, 12, 5.0);
    only("flux-on-fibre", forge(Lining.FIBRE, true, 12, 5.0), good, open);
    only("air-hungry-burner", forge(Lining.HARD, false, 12, 5.0), good, open);
    assertThat(
            found(
                "3 (D 3, B 2) 40 x 100 > set 3 sealed",
                forge(Lining.HARD, false, 12, 5.0),
                ShopKnowledge.nothing()))
        .extracting(Finding::family)
        .doesNotContain("air-hungry-burner");
    only(
        "burners-too-small",
        forge(Lining.HARD, true, 10.1, 5.0),
        forge(Lining.HARD, true, 10.3, 5.0),
        open);
    only(
        "face-not-ground", habits(FacePrep.CLEAN_SCALE, true), habits(FacePrep.GROUND, true), open);
    only("not-degreased", habits(FacePrep.GROUND, false), habits(FacePrep.GROUND, true), open);
    assertThat(found(open, habits(FacePrep.AS_FOUND, true), ShopKnowledge.nothing()))
        .anySatisfy(f -> {
          assertThat(f.family()).isEqualTo("face-not-ground");
          assertThat(f.severity()).isEqualTo(Severity.ERROR);
        });
  }

  @Test
  void aBarLongerThanTheChamberIsTurnedOrDoesNotGoIn() {
    Shop shut = forge(Lining.HARD, true, 12, 5.0);
    assertThat(strengthOf("chamber-fit", "2 (D 5, B 5) 40 x 800 > set 3", shut))
        .isEqualTo(Severity.NOTE);
    assertThat(strengthOf("chamber-fit", "2 (D 5, B 5) 40 x 801 > set 3", shut))
        .isEqualTo(Severity.ERROR);
  }

  private static Severity strengthOf(String id, String line, Shop shop) {
    return found(line, shop, ShopKnowledge.nothing()).stream()
        .filter(f -> f.family().equals(id))
        .findFirst()
        .map(Finding::severity)
        .orElseThrow();
  }

  @Test
  void tooMuchColdSteelForTheBurners() {
    Shop shop = forge(Lining.HARD, true, 12, 5.0);
    assertThat(found("2 (D 30, B 30) 100 x 480 > set 3", shop, ShopKnowledge.nothing()))
        .extracting(Finding::family)
        .contains("burners-too-small");
    assertThat(found("2 (D 30, B 30) 100 x 460 > set 3", shop, ShopKnowledge.nothing()))
        .extracting(Finding::family)
        .doesNotContain("burners-too-small");
  }

  @Test
  void aPairThatNeverHeldHereWantsACoupon() {
    String line = "3 (D 3, B 2) 40 x 100 > set 3 borax";
    ShopKnowledge.Welded done =
        new ShopKnowledge.Welded(Set.of("D", "B"), AtmosphereProtection.BORAX);
    ShopKnowledge other =
        new ShopKnowledge(
            Set.of(new ShopKnowledge.Welded(Set.of("D", "M"), AtmosphereProtection.BORAX)),
            true,
            Map.of());
    assertThat(found(line, Shop.common(), other))
        .extracting(Finding::family)
        .contains("no-practice-weld");
    assertThat(found(line, Shop.common(), new ShopKnowledge(Set.of(done), true, Map.of())))
        .extracting(Finding::family)
        .doesNotContain("no-practice-weld");
    assertThat(found(line, Shop.common(), ShopKnowledge.nothing()))
        .extracting(Finding::family)
        .doesNotContain("no-practice-weld");
  }

  @Test
  void aBarSetAsideIsGivenOutOnce() {
    ShopDefaults defaults = ShopDefaults.common();
    Origin origin = new Origin(3, "Other billet", "s5");
    Plan made =
        Shorthand.parse(
            "part a = (M 10) 12 x 210 > cut 2, kerf 10 | (D 10) 30 x 100 > layup left (@a), right (@a)",
            UnitSystem.METRIC,
            defaults);
    Plan picked = made.withParts(List.of(new Part("a", made.parts().getFirst().plan(), origin)));
    Run run = Run.of(picked, TestSteels.ALL, defaults);
    for (int free : new int[] {1, 2}) {
      ShopKnowledge known = new ShopKnowledge(Set.of(), false, Map.of(origin, free));
      List<String> ids =
          Checks.of(run, TestSteels.ALL, Shop.common(), known).stream()
              .map(Finding::family)
              .toList();
      assertThat(ids.contains("piece-used-twice")).isEqualTo(free < 2);
    }
  }

  @Test
  void everyRemedyThatPutsAStepOrAStackSilencesItsFinding() {
    for (String line :
        List.of(
            "3 (D 3, B 2) 40 x 100 > draw 40 x 5",
            "(D 3, B 2 x 45, D 3) 40 x 90 > set 3",
            "3 (D 1.9, B 1.5) 40 x 90 > set 3 ends",
            "3 (D 3, B 1.9) 40 x 110 > set 3 proud",
            "9 (D 6, B 6) 40 x 100 > set 3 5min",
            "3 (D 3, B 2) 40 x 100 > set 3 60min",
            "3 (D 3, B 2) 40 x 200 > set 3 > fold",
            "3 (D 3, B 2) 40 x 200 > set 3 > cut 2 > restack same",
            "3 (D 3, B 2) 40 x 100 > set 3 sealed closed",
            "3 (D 3, B 2) 40 x 131 > set 3 1 bite",
            "(D 9) 40 x 239 > cut 4, kerf 0",
            "(D 12) 12 x 300 > twist 12, square",
            "(D 10) 30 x 300 > ladder pitch 20, width 8, depth 5",
            "part a = (M 9.2) 12 x 100 | (D 10) 40 x 100 > layup left (@a)",
            "part a = (M 9.2) 12 x 100 | (D 8) 40 x 100 > layup left (@a)",
            "(D 3, Cu 0.5, D 3) 40 x 100 > set 1 1060C sealed")) {
      Run run = run(line);
      for (Finding f : Checks.of(run, TestSteels.ALL, Shop.common(), ShopKnowledge.nothing())) {
        f.remedy()
            .ifPresent(remedy ->
                assertThat(after(run, f, remedy))
                    .as(line + " " + f.family())
                    .doesNotContain(f.family() + " " + f.what()));
      }
    }
  }

  private static Run run(String line) {
    ShopDefaults defaults = ShopDefaults.common();
    return Run.of(Shorthand.parse(line, UnitSystem.METRIC, defaults), TestSteels.ALL, defaults);
  }

  private static List<String> after(Run run, Finding f, Remedy remedy) {
    Plan plan = run.plan();
    Plan repaired =
        switch (remedy) {
          case Remedy.Instead instead -> {
            List<Step> steps = new ArrayList<>(plan.steps());
            steps.set(f.stage() - 1, Step.of(steps.get(f.stage() - 1).key(), instead.operation()));
            yield plan.withSteps(steps);
          }
          case Remedy.Before before -> plan.withStepAfter(f.stage() - 1, before.operation());
          case Remedy.Restacked restacked -> plan.withStack(restacked.stack());
        };
    int stage = f.stage() + (remedy instanceof Remedy.Before ? 1 : 0);
    return Checks.of(
            Run.of(repaired, TestSteels.ALL, ShopDefaults.common()),
            TestSteels.ALL,
            Shop.common(),
            ShopKnowledge.nothing())
        .stream()
        .filter(g -> g.stage() == stage)
        .map(g -> g.family() + " " + g.what())
        .toList();
  }

  private static Object remedied(String line, String id) {
    return found(line).stream()
        .filter(f -> f.family().equals(id))
        .findFirst()
        .flatMap(Finding::remedy)
        .map(e -> ((Remedy.Instead) e).operation())
        .orElseThrow();
  }
}
