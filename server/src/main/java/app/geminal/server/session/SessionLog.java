package app.geminal.server.session;

import app.geminal.session.LogEntry;
import app.geminal.session.LogSighting;
import app.geminal.session.Logged;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** A session's entries as they are on disk, each once, and what of them counts. Not for threads. */
final class SessionLog {
  private final Map<String, KeptEntry> entries = new LinkedHashMap<>();
  private long seq;
  private double speed;

  SessionLog(double speed) {
    this.speed = speed;
  }

  /** The forge as someone read and typed it, °C. */
  record Typed(double atS, double celsius) {}

  void take(KeptEntry entry) {
    entries.putIfAbsent(entry.entry().id(), entry);
    seq = Math.max(seq, entry.seq());
    Double figure = entry.entry().figure();
    if (entry.entry().kind() == Entry.Kind.SPEED && figure != null) {
      speed = figure;
    }
  }

  /** The first second that an entry, which is in the log by now, makes different. */
  double changesFromS(KeptEntry k) {
    @Nullable KeptEntry about = k;
    // An undoing may take back an undoing; what it is about in the end is what changes.
    for (int i = 0; i < entries.size() && about != null; i++) {
      if (about.entry().kind() != Entry.Kind.UNDO) {
        return Math.min(k.atS(), about.atS());
      }
      about = entries.get(Objects.requireNonNullElse(about.entry().about(), ""));
    }
    // What it is about has not come yet; when it comes it counts for nothing from the beginning.
    return Double.POSITIVE_INFINITY;
  }

  /** Whether an entry was taken back, perhaps before it came. */
  boolean isUndone(String id) {
    return UndoneEntries.of(entries.values()).contains(id);
  }

  boolean has(String id) {
    return entries.containsKey(id);
  }

  Collection<KeptEntry> all() {
    return entries.values();
  }

  /** Number of the last one. */
  long seq() {
    return seq;
  }

  /** How fast time should go in a rehearsal. */
  double speed() {
    return speed;
  }

  /** Second of the latest entry, 0 where there is none. */
  int latestS() {
    return (int) entries.values().stream().mapToDouble(KeptEntry::atS).max().orElse(0);
  }

  /** What was done to a billet and seen of it, and was not taken back, in its order. */
  List<Logged> logged(int place) {
    return counting(kind -> kind == Entry.Kind.DEED || kind.isSighting()).stream()
        .filter(k -> k.entry().place() == place)
        .map(SessionLog::logged)
        .toList();
  }

  /** Readings that were typed and not taken back, in their order. */
  List<Typed> typed() {
    return counting(kind -> kind == Entry.Kind.READING).stream()
        .map(k -> new Typed(k.atS(), Objects.requireNonNull(k.entry().figure())))
        .toList();
  }

  private List<KeptEntry> counting(Predicate<Entry.Kind> kind) {
    Set<String> undone = UndoneEntries.of(entries.values());
    return entries.values().stream()
        .filter(k -> kind.test(k.entry().kind()) && !undone.contains(k.entry().id()))
        .sorted(Comparator.comparingDouble(KeptEntry::atS).thenComparingLong(KeptEntry::seq))
        .toList();
  }

  /** An entry that is a deed or a sighting, for the billet's course. */
  static Logged logged(KeptEntry k) {
    Entry e = k.entry();
    return e.kind().isSighting()
        ? new LogSighting(e.id(), e.sighting(), k.atS())
        : new LogEntry(e.id(), Objects.requireNonNull(e.act()), k.atS());
  }
}
