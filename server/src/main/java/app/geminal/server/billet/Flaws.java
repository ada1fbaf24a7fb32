package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.flaw.Disposition;
import app.geminal.flaw.Disposition.Decision;
import app.geminal.flaw.Flaw;
import app.geminal.flaw.FlawTracker;
import app.geminal.flaw.Inspection;
import app.geminal.flaw.LatestJoints;
import app.geminal.server.book.Entries;
import app.geminal.server.book.EntryView;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Follows the flaws of a billet through its plan. */
@Service
class Flaws {
  private final Entries entries;
  private final SteelShelf shelf;
  private final ShopService shops;

  Flaws(Entries entries, SteelShelf shelf, ShopService shops) {
    this.entries = entries;
    this.shelf = shelf;
    this.shops = shops;
  }

  /** All of them, those found first at the front. */
  List<FlawView> of(Billet billet) {
    List<EntryView> book = entries.of(billet.id());
    List<Inspection> looks = new ArrayList<>();
    List<Disposition> decisions = new ArrayList<>();
    for (EntryView e : book) {
      Optional.ofNullable(e.says().inspection()).ifPresent(looks::add);
      Optional.ofNullable(e.says().disposition()).ifPresent(decisions::add);
    }
    if (looks.stream().allMatch(l -> l.flaws().isEmpty())) {
      return List.of();
    }
    Run run = Run.of(billet.plan(), shelf.steels(), shops.defaults());
    Set<String> steps =
        billet.plan().allSteps().stream().map(Plan.Placed::path).collect(Collectors.toSet());
    List<FlawView> views = new ArrayList<>();
    for (EntryView e : book.reversed()) {
      Inspection look = e.says().inspection();
      if (look == null) {
        continue;
      }
      for (Flaw flaw : look.flaws()) {
        List<Disposition> about =
            decisions.stream()
                .filter(d -> d.flawId().equals(flaw.id()) && isKept(d, steps))
                .sorted(Comparator.comparing(Disposition::at))
                .toList();
        views.add(view(e.id(), flaw, look, about, looks, run));
      }
    }
    return views;
  }

  /**
   * Paths of steps at which flaws were found that are all out of the bar by now, or held since:
   * what is left of it is sound there.
   */
  Set<String> settled(Billet billet) {
    Map<String, Boolean> settled = new HashMap<>();
    for (FlawView flaw : of(billet)) {
      boolean out =
          switch (flaw.state()) {
            case GONE, ASIDE, HELD -> true;
            case OPEN, WATCHED, WELDED_AGAIN, LOST -> false;
          };
      settled.merge(flaw.stepKey(), out, Boolean::logicalAnd);
    }
    return settled.entrySet().stream()
        .filter(Map.Entry::getValue)
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }

  /** Heights of the joints that lie level after a step, lowest first, mm. */
  List<Double> seams(Billet billet, String stepPath) {
    return Run.of(billet.plan(), shelf.steels(), shops.defaults())
        .find(stepPath)
        .map(f -> LatestJoints.of(f.run(), f.stage()))
        .orElse(List.of());
  }

  /** A decision is taken back with the step that does it. */
  private static boolean isKept(Disposition disposition, Set<String> steps) {
    return disposition.stepKey() == null || steps.contains(disposition.stepKey());
  }

  private static FlawView view(
      long entryId,
      Flaw flaw,
      Inspection look,
      List<Disposition> about,
      List<Inspection> looks,
      Run run) {
    Optional<Run.Found> found = run.find(look.stepKey());
    if (found.isEmpty()) {
      return new FlawView(
          entryId, flaw, look.stepKey(), "", -1, List.of(), about, FlawView.State.LOST);
    }
    Run.Found at = found.get();
    List<FlawTracker.At> places = FlawTracker.of(run, at.part(), at.stage(), flaw.spot());
    return new FlawView(
        entryId,
        flaw,
        look.stepKey(),
        at.part(),
        at.stage(),
        places,
        about,
        state(look, about, looks, places, run));
  }

  /** Whether it is in the bars at the end of the outermost Run it has come to. */
  private static boolean isAtTheEnd(List<FlawTracker.At> places, Run run) {
    String outermost =
        places.stream()
            .map(FlawTracker.At::part)
            .min(Comparator.comparingInt(String::length))
            .orElse("");
    int end = run.at(outermost).orElseThrow().stages().size() - 1;
    return places.stream()
        .anyMatch(p -> !p.aside() && p.part().equals(outermost) && p.stage() == end);
  }

  private static FlawView.State state(
      Inspection look,
      List<Disposition> about,
      List<Inspection> looks,
      List<FlawTracker.At> places,
      Run run) {
    if (!isAtTheEnd(places, run)) {
      return places.stream().anyMatch(FlawTracker.At::aside)
          ? FlawView.State.ASIDE
          : FlawView.State.GONE;
    }
    Optional<Disposition> reweld =
        about.stream().filter(d -> d.decision() == Decision.REWELD).reduce((_, last) -> last);
    if (reweld.isPresent()) {
      boolean heldSince =
          looks.stream()
              .anyMatch(l ->
                  l.at().isAfter(reweld.get().at())
                      && l.flaws().isEmpty()
                      && !Objects.equals(l, look));
      return heldSince ? FlawView.State.HELD : FlawView.State.WELDED_AGAIN;
    }
    return about.stream().anyMatch(d -> d.decision() == Decision.WATCH)
        ? FlawView.State.WATCHED
        : FlawView.State.OPEN;
  }
}
