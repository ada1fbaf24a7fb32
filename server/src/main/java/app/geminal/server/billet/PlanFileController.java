package app.geminal.server.billet;

import app.geminal.library.plan.PlanFile;
import app.geminal.library.plan.PlanFiles;
import app.geminal.server.problem.BadDocument;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.OwnSteel;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** One billet's plan as an open file, out and in. */
@RestController
class PlanFileController {
  private final BilletService billets;
  private final SteelShelf shelf;

  PlanFileController(BilletService billets, SteelShelf shelf) {
    this.billets = billets;
    this.shelf = shelf;
  }

  /**
   * What came of reading a file.
   *
   * @param steelsAdded own steels the file brought
   * @param steelsKept own steels of the file whose name the shop uses already; the shop's stand
   */
  record Imported(long id, List<String> steelsAdded, List<String> steelsKept) {}

  @GetMapping("/api/billets/{id}/plan-file")
  ResponseEntity<String> export(@PathVariable long id) {
    Billet billet = billets.get(id);
    List<OwnSteel> own = shelf.own(billet.plan().steels());
    String document =
        PlanFiles.write(new PlanFile(billet.name(), billet.purpose(), billet.plan(), own));
    String name = billet.name().replaceAll("[^\\p{L}\\p{N} _.-]", "").strip();
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(
                    (name.isEmpty() ? "billet" : name) + ".geminal.json", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(document);
  }

  /** Nothing is kept of a file that cannot be taken as a whole. */
  @PostMapping(path = "/api/plan-files", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @Transactional
  public Imported read(@RequestBody String document) {
    PlanFile file;
    try {
      file = PlanFiles.read(document);
    } catch (PlanFiles.Refused refused) {
      throw new BadDocument(refused.fault());
    }
    SteelShelf.Brought brought = shelf.bring(file.steels());
    Billet started = billets.start(file.name(), file.purpose(), file.plan());
    return new Imported(started.id(), brought.added(), brought.kept());
  }
}
