package app.geminal.server.steel;

import app.geminal.library.OwnSteelTable;
import app.geminal.library.ShippedSteels;
import app.geminal.server.problem.NotFound;
import app.geminal.server.problem.VersionConflict;
import app.geminal.server.stored.StoredRow;
import app.geminal.steel.Estimate;
import app.geminal.steel.OwnSteel;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * All steels of the shop: those that ship with the release, and its own. Where a later release
 * ships a steel of a name the shop already uses, the shop's own keeps it.
 */
@Service
public class SteelShelf {
  private final Steels shipped = ShippedSteels.read();
  private final OwnSteelRepository own;
  private final Clock clock;
  private volatile @Nullable Worked worked;

  /** All steels as they were at a state of the own ones. */
  private record Worked(String state, Steels steels) {}

  SteelShelf(OwnSteelRepository own, Clock clock) {
    this.own = own;
    this.clock = clock;
  }

  /**
   * Every steel a plan may name, also what is no longer offered. Worked out again after a change.
   */
  @Transactional(readOnly = true)
  public Steels steels() {
    String state = own.state();
    Worked now = worked;
    if (now == null || !now.state().equals(state)) {
      now = new Worked(state, together(own.all()));
      worked = now;
    }
    return now.steels();
  }

  /** Designations that mean the same in every shop. */
  @Transactional(readOnly = true)
  public Set<String> standard() {
    Set<String> names = shipped.all().stream().map(Steel::id).collect(Collectors.toSet());
    own.all().forEach(kept -> names.remove(kept.known().id()));
    return names;
  }

  /** What is offered, own ones first. */
  @Transactional(readOnly = true)
  public List<SteelView> offered() {
    List<StoredSteel> kept = own.all();
    Set<String> names = kept.stream().map(k -> k.known().id()).collect(Collectors.toSet());
    List<SteelView> offered = new ArrayList<>();
    for (StoredSteel k : kept) {
      if (k.listed()) {
        StoredRow.<SteelView, RuntimeException>of("own steel", k.known().id(), () -> view(k))
            .ifPresent(offered::add);
      }
    }
    shipped.all().stream()
        .filter(s -> !names.contains(s.id()))
        .map(s -> SteelView.of(s, null))
        .forEach(offered::add);
    return offered;
  }

  /** An own steel, with what the shop knows of it. */
  @Transactional(readOnly = true)
  public StoredSteel get(long id) {
    return own.find(id).orElseThrow(() -> new NotFound(SteelText.NO_OWN_STEEL.with("number", id)));
  }

  /** What would be worked out; nothing is kept. */
  public SteelView preview(OwnSteel known) {
    return SteelView.of(Estimate.of(known, shipped), null);
  }

  /**
   * Keeps a new own steel.
   *
   * @throws InvalidValue when a field breaks its rule, the name is taken, or nothing can be worked
   *     out
   */
  @Transactional
  public SteelView add(OwnSteel known) {
    requireFree(known.id());
    Estimate.of(known, shipped);
    return view(get(own.add(known, clock.instant())));
  }

  /**
   * Changes an own steel that is still as the change found it. Its short name stays, because plans
   * name it.
   */
  @Transactional
  public SteelView change(long id, int version, OwnSteel known) {
    StoredSteel before = get(id);
    if (!before.known().id().equals(known.id())) {
      throw new InvalidValue("id", SteelText.SHORT_NAME_IN_USE.with("name", before.known().id()));
    }
    Estimate.of(known, shipped);
    if (!own.replace(id, version, known, clock.instant())) {
      throw new VersionConflict(SteelText.THIS_STEEL.with(), before.version());
    }
    return view(get(id));
  }

  /** Takes it off the list or puts it back. */
  @Transactional
  public void setListed(long id, boolean listed) {
    get(id);
    own.setListed(id, listed);
  }

  /** The shop's own steels as CSV. */
  @Transactional(readOnly = true)
  public String table() {
    return OwnSteelTable.write(
        own.all().stream().filter(StoredSteel::listed).map(StoredSteel::known).toList());
  }

  /**
   * Takes a table over: new names are added, known own ones changed. All of it or, when anything is
   * wrong, none.
   *
   * @return how many steels were taken
   * @throws SteelTableFaults with every fault
   */
  @Transactional
  public int take(String csv) {
    OwnSteelTable.Table table = OwnSteelTable.read(csv, shipped);
    List<OwnSteelTable.Fault> faults = new ArrayList<>(table.faults());
    for (int i = 0; i < table.steels().size(); i++) {
      if (shipped.find(table.steels().get(i).id()).isPresent()) {
        faults.add(
            new OwnSteelTable.Fault(
                i + 2L,
                "short_name",
                SteelText.BUILT_IN_STEEL.with("name", table.steels().get(i).id())));
      }
    }
    if (!faults.isEmpty()) {
      throw new SteelTableFaults(faults);
    }
    for (OwnSteel known : table.steels()) {
      own.find(known.id())
          .ifPresentOrElse(
              k -> own.replace(k.id(), k.version(), known, clock.instant()),
              () -> own.add(known, clock.instant()));
    }
    return table.steels().size();
  }

  /** What the shop knows of those of the named steels that are its own. */
  @Transactional(readOnly = true)
  public List<OwnSteel> own(List<String> names) {
    return names.stream().flatMap(n -> own.find(n).stream()).map(StoredSteel::known).toList();
  }

  /**
   * Own steels a file brought.
   *
   * @param added short names that are new here
   * @param kept short names the shop uses already; its own stand
   */
  public record Brought(List<String> added, List<String> kept) {}

  /**
   * Takes over own steels a file brings, but for names that are in use.
   *
   * @throws InvalidValue with the place in the list, when nothing can be worked out of one
   */
  @Transactional
  public Brought bring(List<OwnSteel> steels) {
    List<String> added = new ArrayList<>();
    List<String> kept = new ArrayList<>();
    for (int i = 0; i < steels.size(); i++) {
      OwnSteel known = steels.get(i);
      if (shipped.find(known.id()).isPresent() || own.find(known.id()).isPresent()) {
        kept.add(known.id());
        continue;
      }
      try {
        add(known);
      } catch (InvalidValue bad) {
        throw bad.inside("steels/" + i);
      }
      added.add(known.id());
    }
    return new Brought(added, kept);
  }

  private void requireFree(String shortName) {
    boolean taken = shipped.find(shortName).isPresent() || own.find(shortName).isPresent();
    if (taken) {
      throw new InvalidValue("id", SteelText.NAME_TAKEN.with("name", shortName));
    }
  }

  private SteelView view(StoredSteel kept) {
    return SteelView.of(Estimate.of(kept.known(), shipped), kept.id());
  }

  private Steels together(List<StoredSteel> kept) {
    List<Steel> all = new ArrayList<>(shipped.all());
    for (StoredSteel k : kept) {
      StoredRow.<Steel, RuntimeException>of(
              "own steel", k.known().id(), () -> Estimate.of(k.known(), shipped))
          .ifPresent(all::add);
    }
    return Steels.of(all);
  }
}
