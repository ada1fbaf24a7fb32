package app.geminal.simulator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.evidence.HoldModel;
import app.geminal.evidence.WeldObservation;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What maps are worth, by what became of welds that were drawn by another hand. A weld costs a
 * second, so they are in a file that {@link MappedWeld#main} writes.
 */
class MapsAndOutcomesTest {
  private static final String FILE = "mapped-welds.csv";
  private static final int MADE_AGAIN = 6;
  private static final int SHOPS = 4;
  private static final int RECORD = 400;
  private static final int TENTHS = 10;

  /**
   * Different welds a tenth needs to be judged: less, and chance alone is more than five points.
   */
  private static final int ENOUGH = 60;

  private static final double WITHIN = 0.05;

  /** A share of 64 samples, and one of them. */
  private static final double ONE_SAMPLE = 1 / 64.0;

  private static List<MappedWeld> file() {
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(MapsAndOutcomesTest.class.getResourceAsStream(FILE)),
                StandardCharsets.UTF_8))) {
      return lines.lines().skip(1).map(MappedWeld::read).toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Test
  void theFileIsWhatTheSimulatorMakes() {
    List<MappedWeld> file = file();
    for (MappedWeld kept : file.subList(0, MADE_AGAIN)) {
      MappedWeld again = MappedWeld.made(kept.number());
      assertThat(kept.isSound()).isEqualTo(again.isSound());
      assertThat(kept.planned()).isCloseTo(again.planned(), within(ONE_SAMPLE));
      assertThat(kept.logged()).isCloseTo(again.logged(), within(ONE_SAMPLE));
    }
  }

  private static WeldObservation seen(MappedWeld weld, double chance) {
    return new WeldObservation(
        Set.of(),
        AtmosphereProtection.BORAX,
        1150,
        WeldConditions.UNKNOWN.withMap(chance),
        "",
        weld.isSound() ? WeldOutcome.HELD : WeldOutcome.OPEN,
        List.of());
  }

  /** What was predicted in a tenth, and what came of it. */
  private static final class Tenth {
    private final Set<Integer> welds = new HashSet<>();
    private double predicted;
    private int sound;
    private int all;

    /** How much more often it came than was predicted. */
    double off() {
      return (sound - predicted) / all;
    }

    @Override
    public String toString() {
      return "%.2f %+.3f of %d".formatted(predicted / all, off(), welds.size());
    }

    void add(MappedWeld weld, double chance) {
      welds.add(weld.number());
      predicted += chance;
      sound += weld.isSound() ? 1 : 0;
      all++;
    }
  }

  @Test
  void withFourHundredWeldsOnRecordWhatAPlanPredictsComes() {
    whatIsPredictedComes(MappedWeld::planned, 4);
  }

  @Test
  void soDoesWhatALogPredicts() {
    whatIsPredictedComes(MappedWeld::logged, 8);
  }

  private static void whatIsPredictedComes(ToDoubleFunction<MappedWeld> map, int fewest) {
    List<MappedWeld> all = new ArrayList<>(file());
    List<Tenth> tenths = Stream.generate(Tenth::new).limit(TENTHS).toList();
    Random random = new Random(5);
    for (int shop = 0; shop < SHOPS; shop++) {
      Collections.shuffle(all, random);
      HoldModel model =
          HoldModel.ofMaps(
              all.subList(0, RECORD).stream().map(w -> seen(w, map.applyAsDouble(w))).toList());
      for (MappedWeld next : all.subList(RECORD, all.size())) {
        double chance = model.predict(seen(next, map.applyAsDouble(next))).mean();
        tenths.get(Math.min(TENTHS - 1, (int) (TENTHS * chance))).add(next, chance);
      }
    }
    List<Tenth> judged = tenths.stream().filter(t -> t.welds.size() >= ENOUGH).toList();
    assertThat(judged).as("%s", judged).hasSizeGreaterThanOrEqualTo(fewest);
    assertThat(judged).as("%s", judged).allMatch(t -> Math.abs(t.off()) <= WITHIN);
  }
}
