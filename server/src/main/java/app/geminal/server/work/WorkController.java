package app.geminal.server.work;

import app.geminal.billet.WorkOrder;
import app.geminal.server.billet.Billet;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.book.Entries;
import app.geminal.server.book.EntryBody;
import app.geminal.server.book.EntryView;
import app.geminal.server.book.WeldView;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import io.swagger.v3.oas.annotations.Operation;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** How far the work on a billet has come. */
@RestController
class WorkController {
  private final BilletService billets;
  private final BookService book;
  private final Entries entries;

  WorkController(BilletService billets, BookService book, Entries entries) {
    this.billets = billets;
    this.book = book;
    this.entries = entries;
  }

  /**
   * A step to work.
   *
   * @param path names of the parts it is in, then its key
   * @param done whether it is done: reported, or followed by one that is done
   * @param noteId number of the entry that says so, which can be deleted; null for none
   */
  record StepToWork(String path, boolean done, @Nullable Long noteId) {}

  /** The steps of a billet in the order they are worked, and which are done. */
  @Operation(operationId = "getWork")
  @GetMapping("/api/v1/billets/{id}/work")
  List<StepToWork> work(@PathVariable long id) {
    Billet billet = billets.get(id);
    Map<String, Long> notes = new HashMap<>();
    Set<String> reported = new HashSet<>();
    for (EntryView entry : entries.of(id)) {
      EntryBody.StepNote note = entry.says().noted();
      if (note != null && note.done()) {
        notes.putIfAbsent(note.stepKey(), entry.id());
        reported.add(note.stepKey());
      }
      EntryBody.MeasuredBar measured = entry.says().measured();
      if (measured != null) {
        reported.add(measured.stepKey());
      }
    }
    reported.addAll(welded(id));
    return WorkOrder.of(billet.plan(), reported).stream()
        .map(s -> new StepToWork(s.path(), s.done(), notes.get(s.path())))
        .toList();
  }

  /** The steps whose latest weld was not found open: an open one is still to be made. */
  private List<String> welded(long id) {
    return book.of(id).stream()
        .map(WeldView::made)
        .collect(
            Collectors.toMap(
                WeldRecord::stepKey,
                w -> w,
                BinaryOperator.maxBy(Comparator.comparing(WeldRecord::madeAt))))
        .values()
        .stream()
        .filter(w -> w.outcome() != WeldOutcome.OPEN)
        .map(WeldRecord::stepKey)
        .toList();
  }
}
