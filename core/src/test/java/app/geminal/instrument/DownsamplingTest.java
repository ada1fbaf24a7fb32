package app.geminal.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.instrument.Downsampling.Reading;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What stays of a trace says the same story. */
class DownsamplingTest {

  private static List<Reading> trace(long seed) {
    Random random = new Random(seed);
    return IntStream.range(0, 3600)
        .mapToObj(s ->
            new Reading(
                s,
                1240
                    - 1220 * Math.exp(-s / 400.0)
                    - (s > 1500 && s < 1600 ? 80 : 0)
                    + random.nextGaussian() * 0.4,
                s < 2000 || s > 2010))
        .toList();
  }

  @Test
  void aLineThroughWhatIsKeptPassesEveryReading() {
    for (long seed = 1; seed <= 5; seed++) {
      List<Reading> all = trace(seed);
      List<Reading> kept = Downsampling.kept(all, 2);
      assertThat(kept.size()).as("seed %d", seed).isLessThan(all.size() / 8);
      int next = 1;
      for (Reading r : all) {
        while (kept.get(next).second() < r.second()) {
          next++;
        }
        Reading a = kept.get(next - 1);
        Reading b = kept.get(next);
        assertThat(b.second() - a.second()).isLessThanOrEqualTo(Downsampling.LONGEST_GAP_S);
        double line =
            a.value()
                + (b.value() - a.value()) * (r.second() - a.second()) / (b.second() - a.second());
        assertThat(line)
            .as("seed %d, second %d", seed, r.second())
            .isCloseTo(r.value(), within(2.0));
      }
      assertThat(kept).containsAll(all.subList(2000, 2011));
    }
  }

  @Test
  void nothingAndOneStay() {
    assertThat(Downsampling.kept(List.of(), 2)).isEmpty();
    List<Reading> one = List.of(new Reading(5, 20, true));
    assertThat(Downsampling.kept(one, 2)).isEqualTo(one);
  }
}
