package app.geminal.server.billet;

import app.geminal.library.file.RefusedFile;
import app.geminal.library.plan.PlanFile;
import app.geminal.library.plan.PlanFiles;
import app.geminal.server.problem.BadDocument;
import app.geminal.server.steel.SteelShelf;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes plan files in: a new billet, and the own steels it brings. */
@Service
public class PlanImports {
  private final BilletService billets;
  private final SteelShelf shelf;

  PlanImports(BilletService billets, SteelShelf shelf) {
    this.billets = billets;
    this.shelf = shelf;
  }

  /**
   * What came of a file.
   *
   * @param id the new billet's number
   * @param steelsAdded own steels the file brought
   * @param steelsKept own steels of the file whose name is in use here; the shop's stand
   */
  public record Imported(long id, List<String> steelsAdded, List<String> steelsKept) {}

  /**
   * Takes a document as a whole, or nothing of it.
   *
   * @throws BadDocument with the place in it, when it cannot be taken
   */
  @Transactional
  public Imported take(String document) {
    PlanFile file;
    try {
      file = PlanFiles.read(document);
    } catch (RefusedFile refused) {
      throw new BadDocument(refused.fault());
    }
    SteelShelf.Brought brought = shelf.bring(file.steels());
    Billet started = billets.start(file.name(), file.purpose(), file.plan());
    return new Imported(started.id(), brought.added(), brought.kept());
  }
}
