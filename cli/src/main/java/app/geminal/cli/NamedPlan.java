package app.geminal.cli;

import app.geminal.billet.Run;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One of several plans given on the command line.
 *
 * @param name that no other of them has
 */
record NamedPlan(String name, Source source, Run run) {

  /** Reads them; those of a name that is taken, as all in shorthand are, have their number too. */
  static List<NamedPlan> all(List<String> given, PlanOptions habits) {
    List<NamedPlan> plans = new ArrayList<>();
    Set<String> taken = new HashSet<>();
    for (String one : given) {
      Source source = Source.of(one, habits.units(), habits.shop().defaults());
      String name = source.file().name();
      for (int number = plans.size() + 1; !taken.add(name); number++) {
        name = source.file().name() + " " + number;
      }
      plans.add(new NamedPlan(name, source, source.run(habits.shop().defaults(), habits.reader())));
    }
    return plans;
  }
}
