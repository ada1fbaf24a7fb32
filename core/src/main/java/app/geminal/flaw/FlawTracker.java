package app.geminal.flaw;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import app.geminal.billet.Part;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where a flaw is, from the stage it was found at to the end of the Run: through trim and saw, with
 * its piece into the restack, and with a part into the billet it is laid into.
 */
public final class FlawTracker {
  private final ForwardMap forecast;
  private final List<At> places = new ArrayList<>();

  private FlawTracker(ShopDefaults defaults) {
    this.forecast = new ForwardMap(defaults);
  }

  /**
   * A flaw at one stage.
   *
   * @param part path of the part's names, empty for the Run itself
   * @param stage of that Run
   * @param spot where it is
   * @param aside whether it is in a bar that this stage's step set aside
   */
  public record At(String part, int stage, Spot spot, boolean aside) {}

  /**
   * Everywhere a flaw has been since it was found, in the order of the work. Where a stage has
   * none, the steel with the flaw in it is gone.
   *
   * @param defaults as the Run was worked through with
   * @param part path of the part's names it was found in, empty for the Run itself
   * @param stage it was found at
   */
  public static List<At> of(Run run, ShopDefaults defaults, String part, int stage, Spot spot) {
    FlawTracker travel = new FlawTracker(defaults);
    travel.through(run, "", part, stage, spot);
    return List.copyOf(travel.places);
  }

  /** Falls to the part first; what is at its end then continues in this Run. */
  private void through(Run run, String prefix, String part, int stage, Spot spot) {
    if (part.isEmpty()) {
      from(run, prefix, stage, List.of(spot));
      return;
    }
    int stroke = part.indexOf('/');
    String name = stroke < 0 ? part : part.substring(0, stroke);
    Run inner = run.parts().get(name);
    if (inner == null) {
      return;
    }
    String path = prefix + name;
    through(inner, path + "/", stroke < 0 ? "" : part.substring(stroke + 1), stage, spot);
    int last = inner.stages().size() - 1;
    List<Spot> ends =
        places.stream()
            .filter(p -> p.part().equals(path) && p.stage() == last && !p.aside())
            .map(At::spot)
            .toList();
    if (inner.stop().isEmpty() && !ends.isEmpty()) {
      joining(run, prefix, run.plan().part(name).orElseThrow(), inner.last().bars(), ends);
    }
  }

  /** Bars of a part are used up in the order they are numbered. */
  private void joining(Run run, String prefix, Part part, Bars bars, List<Spot> ends) {
    int used = 0;
    for (int i = 1; i < run.stages().size(); i++) {
      Stage now = run.stages().get(i);
      int first = used;
      boolean up = !(operation(now) instanceof LayUp);
      List<Spot> joined =
          ends.stream()
              .flatMap(s -> ForwardMap.ofPart(s, part.name(), bars, first, now, up))
              .flatMap(s -> measured(s, now))
              .toList();
      from(run, prefix, i, joined);
      used += now.calculated().count() * ForwardMap.perBlock(now, part.name());
    }
  }

  private static Stream<Spot> measured(Spot spot, Stage now) {
    Size to = Size.of(now.bars());
    return MovingSpot.of(spot).stretched(Size.of(now.calculated()), to).in(to).stream();
  }

  private static Operation operation(Stage stage) {
    return stage.step().orElseThrow().operation();
  }

  private void from(Run run, String prefix, int stage, List<Spot> spots) {
    String part = prefix.isEmpty() ? "" : prefix.substring(0, prefix.length() - 1);
    List<Spot> here = spots;
    for (int i = stage; i < run.stages().size() && !here.isEmpty(); i++) {
      if (i > stage) {
        Bars before = run.stages().get(i - 1).bars();
        Stage now = run.stages().get(i);
        int at = i;
        List<Spot> next = new ArrayList<>();
        for (Spot s : here) {
          SpotDestination went = forecast.after(s, before, now);
          next.addAll(went.here());
          went.aside().forEach(a -> places.add(new At(part, at, a, true)));
        }
        here = next;
      }
      for (Spot s : here) {
        places.add(new At(part, i, s, false));
      }
    }
  }
}
