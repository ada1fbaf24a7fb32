package app.geminal.flaw;

import app.geminal.bar.Size;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.geometry.BarChange;
import app.geminal.geometry.Block;
import app.geminal.geometry.Box;
import app.geminal.geometry.Destination;
import app.geminal.geometry.Gathering;
import app.geminal.geometry.ShapeChange;
import app.geminal.geometry.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where a flaw is, from the stage it was found at to the end of the Run: through trim and saw, with
 * its piece into the restack, and with a part into the billet it is laid into.
 */
public final class FlawTracker {
  private final List<At> places = new ArrayList<>();

  private FlawTracker() {}

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
   * @param part path of the part's names it was found in, empty for the Run itself
   * @param stage it was found at
   */
  public static List<At> of(Run run, String part, int stage, Spot spot) {
    FlawTracker travel = new FlawTracker();
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
      joining(run, prefix, name, ends);
    }
  }

  /** Bars of a part are used up in the order they are numbered. */
  private void joining(Run run, String prefix, String part, List<Spot> ends) {
    int used = 0;
    for (int i = 1; i < run.stages().size(); i++) {
      Stage now = run.stages().get(i);
      List<Spot> joined = new ArrayList<>();
      for (ShapeChange change : now.changes()) {
        if (change instanceof Block block) {
          Source source = new Source.PartBars(part);
          int index = block.sources().indexOf(source);
          int taken = block.perBlock(source) * now.calculated().count();
          for (Spot end : ends) {
            int nth = end.bar() - used;
            if (index >= 0 && nth >= 0 && nth < taken) {
              block
                  .forward(index, end.inBar(nth).box())
                  .flatMap(box -> measured(box, now))
                  .forEach(box -> joined.add(Spot.of(box)));
            }
          }
          used += taken;
        }
      }
      from(run, prefix, i, joined);
    }
  }

  private static Stream<Box> measured(Box box, Stage now) {
    if (now.planned().isEmpty()) {
      return Stream.of(box);
    }
    Size to = Size.of(now.bars());
    return box.stretched(Size.of(now.calculated()), to).in(to).stream();
  }

  /** Where the steel of a box is after one stage's changes. */
  private static Destination after(Box box, Stage now) {
    List<Box> here = List.of(box);
    List<Box> aside = new ArrayList<>();
    for (ShapeChange change : now.changes()) {
      List<Box> next = new ArrayList<>();
      for (Box each : here) {
        switch (change) {
          case BarChange alone -> {
            Destination destination = alone.forward(each);
            next.addAll(destination.here());
            aside.addAll(destination.aside());
          }
          case Gathering gathering -> {
            int own = gathering.sources().indexOf(new Source.OwnBars());
            gathering.forward(own, each).forEach(next::add);
          }
        }
      }
      here = next;
    }
    return new Destination(here.stream().flatMap(b -> measured(b, now)).toList(), aside);
  }

  private void from(Run run, String prefix, int stage, List<Spot> spots) {
    String part = prefix.isEmpty() ? "" : prefix.substring(0, prefix.length() - 1);
    List<Spot> here = spots;
    for (int i = stage; i < run.stages().size() && !here.isEmpty(); i++) {
      if (i > stage) {
        Stage now = run.stages().get(i);
        int at = i;
        List<Spot> next = new ArrayList<>();
        for (Spot s : here) {
          Destination there = after(s.box(), now);
          there.here().forEach(box -> next.add(Spot.of(box)));
          there.aside().forEach(box -> places.add(new At(part, at, Spot.of(box), true)));
        }
        here = next;
      }
      for (Spot s : here) {
        places.add(new At(part, i, s, false));
      }
    }
  }
}
