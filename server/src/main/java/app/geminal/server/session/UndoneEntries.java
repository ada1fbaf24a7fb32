package app.geminal.server.session;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Which entries of a log are taken back: an undoing that is itself taken back does nothing. */
final class UndoneEntries {
  private UndoneEntries() {}

  /** Ids that do not count, of a log in its order. */
  static Set<String> of(Collection<KeptEntry> log) {
    Set<String> undone = new HashSet<>();
    for (KeptEntry k : List.copyOf(log).reversed()) {
      if (k.entry().kind() == Entry.Kind.UNDO
          && !undone.contains(k.entry().id())
          && k.entry().about() != null) {
        undone.add(k.entry().about());
      }
    }
    return undone;
  }
}
