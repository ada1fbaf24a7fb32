package app.geminal.server.note;

import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Hidden notes over HTTP. */
@RestController
class HiddenNoteController {
  private final HiddenNotes notes;

  HiddenNoteController(HiddenNotes notes) {
    this.notes = notes;
  }

  /**
   * A note to hide.
   *
   * @param family which finding it is
   * @param billetId on this billet only, null for the whole shop
   */
  record NoteToHide(String family, @Nullable Long billetId) {}

  /** Notes that are not shown, the latest first. */
  @Operation(operationId = "listHiddenNotes")
  @GetMapping("/api/v1/hidden-notes")
  List<HiddenNote> all() {
    return notes.all();
  }

  /** Hides notes of a family on a billet or in the whole shop. Answers all that are hidden. */
  @Operation(operationId = "hideNote")
  @PostMapping("/api/v1/hidden-notes")
  List<HiddenNote> hide(@RequestBody NoteToHide body, Principal who) {
    return notes.hide(who.getName(), body.family(), body.billetId());
  }

  /** Shows a note again. Answers all that are still hidden. */
  @Operation(operationId = "showNote")
  @PostMapping("/api/v1/hidden-notes/{id}/show")
  List<HiddenNote> show(@PathVariable long id) {
    return notes.show(id);
  }
}
