package app.geminal.simulator;

import app.geminal.simulator.TrueWeld.Habit;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A weld with what its maps made of it and what really became of it. Every second one is made with
 * one of eight mishaps; in every second one the way of the ram is not seen.
 *
 * @param number which weld
 * @param planned chance that all its joints are sound, by the map of its plan
 * @param logged the same by the map of its log
 * @param isSound whether they are
 */
record MappedWeld(int number, double planned, double logged, boolean isSound) {
  /** Apart from the welds of other tests. */
  private static final int FIRST = 100_000;

  private static final long SEED = 77;

  private record Mishap(@Nullable Drill drill, Set<Habit> habits) {
    static final Mishap NONE = new Mishap(null, Set.of());

    Mishap(Habit habit) {
      this(null, EnumSet.of(habit));
    }

    Mishap(Drill drill) {
      this(drill, Set.of());
    }
  }

  private static final List<Mishap> MISHAPS =
      List.of(
          new Mishap(Habit.SHORT_SOAK),
          new Mishap(Habit.SLOW_HANDS),
          new Mishap(Drill.LEAN_FLAME),
          new Mishap(Drill.DIRTY_FACES),
          new Mishap(Habit.LIGHT_HAND),
          new Mishap(Habit.HEAVY_HAND),
          new Mishap(Habit.DIES_MISS),
          new Mishap(Habit.GENTLE_HAND));

  static MappedWeld made(int number) {
    Random random = new Random(SEED * number + 3);
    Mishap mishap =
        random.nextInt(2) == 0 ? MISHAPS.get(random.nextInt(MISHAPS.size())) : Mishap.NONE;
    TrueWeld weld =
        TrueWeld.any(FIRST + number, mishap.drill(), random.nextInt(2) == 0, mishap.habits());
    TrueJoints truth = weld.truth();
    return new MappedWeld(
        number,
        weld.planned().chance(),
        weld.logged().chance(),
        IntStream.range(0, truth.joints()).allMatch(truth::isSound));
  }

  /** Writes welds of these numbers into a file: {@code main(from, to, file)}, the last not. */
  static void main(String[] given) throws IOException {
    Stream<String> lines =
        IntStream.range(Integer.parseInt(given[0]), Integer.parseInt(given[1]))
            .parallel()
            .mapToObj(number -> made(number).line());
    Files.write(
        Path.of(given[2]), Stream.concat(Stream.of("number,planned,logged,sound"), lines).toList());
  }

  private String line() {
    return String.format(Locale.ROOT, "%d,%.4f,%.4f,%d", number, planned, logged, isSound ? 1 : 0);
  }

  static MappedWeld read(String line) {
    String[] fields = line.split(",");
    return new MappedWeld(
        Integer.parseInt(fields[0]),
        Double.parseDouble(fields[1]),
        Double.parseDouble(fields[2]),
        fields[3].equals("1"));
  }
}
