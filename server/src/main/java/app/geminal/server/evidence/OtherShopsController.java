package app.geminal.server.evidence;

import app.geminal.evidence.Evidence;
import app.geminal.evidence.HoldModel;
import app.geminal.evidence.WeldObservation;
import app.geminal.library.file.RefusedFile;
import app.geminal.library.welds.SharedWeldsFiles;
import app.geminal.pooling.RecordDoubt;
import app.geminal.pooling.SharedWelds;
import app.geminal.server.book.BookService;
import app.geminal.server.pooling.PooledRecord;
import app.geminal.server.pooling.PooledRecords;
import app.geminal.server.problem.BadDocument;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Welds given to other shops and taken from them, over HTTP; docs/formats/welds.md. */
@RestController
class OtherShopsController {
  private final PooledRecords pooled;
  private final BookService book;
  private final SteelShelf shelf;
  private final ShopService shops;

  OtherShopsController(
      PooledRecords pooled, BookService book, SteelShelf shelf, ShopService shops) {
    this.pooled = pooled;
    this.book = book;
    this.shelf = shelf;
    this.shops = shops;
  }

  /**
   * What would leave the shop.
   *
   * @param all decided welds, that is all that would leave
   * @param suspect welds that stay, because they are not decided
   * @param unnamed welds that would leave without their steels, because one is the shop's own
   * @param file the file as it would leave (docs/formats/welds.md), null while no weld is decided
   */
  record OwnRecordView(TallyView all, int suspect, int unnamed, @Nullable String file) {}

  /** What would leave the shop if its welds were given to others: the file itself, to be read. */
  @Operation(operationId = "getOwnRecord")
  @GetMapping("/api/v1/evidence/own-record")
  OwnRecordView own() {
    SharedWelds.Leaving leaving = SharedWelds.of(book.past(), shelf.standard()::contains);
    return new OwnRecordView(
        TallyView.of(Evidence.all(leaving.welds())),
        leaving.suspect(),
        leaving.unnamed(),
        leaving.welds().isEmpty()
            ? null
            : SharedWeldsFiles.write(new SharedWelds(pooled.ownCode(), leaving.welds())));
  }

  /**
   * The record of another shop.
   *
   * @param id number
   * @param name what it is called here
   * @param welds its welds counted
   * @param used whether it is counted with the shop's own
   * @param replaces the record of the same shop whose place it would take, null for none
   * @param doubts what speaks against counting it
   * @param addedAt when it was added
   * @param addedBy name of the person who added it
   */
  record OtherShopView(
      long id,
      String name,
      TallyView welds,
      boolean used,
      @Nullable String replaces,
      List<Message> doubts,
      Instant addedAt,
      String addedBy) {}

  /** The records of other shops, newest first. */
  @Operation(operationId = "listOtherShops")
  @GetMapping("/api/v1/evidence/other-shops")
  List<OtherShopView> others() {
    List<WeldObservation> own = book.past();
    List<PooledRecord> all = pooled.all();
    return all.stream().map(record -> view(record, all, own)).toList();
  }

  private OtherShopView view(
      PooledRecord record, List<PooledRecord> all, List<WeldObservation> own) {
    return new OtherShopView(
        record.id(),
        record.name(),
        TallyView.of(Evidence.all(record.welds().welds())),
        record.used(),
        all.stream()
            .filter(r -> r.used() && r.id() != record.id() && r.isOfSameShop(record))
            .map(PooledRecord::name)
            .findFirst()
            .orElse(null),
        RecordDoubt.of(record.welds(), own, record.countedBeside(all)).stream()
            .map(RecordDoubt::words)
            .toList(),
        record.addedAt(),
        record.addedBy());
  }

  /**
   * Adds the record of another shop; it is not counted before that is asked. Answers all records.
   *
   * @param name what it is called here, at most 120 characters
   */
  @Operation(operationId = "addOtherShop")
  @PostMapping(path = "/api/v1/evidence/other-shops", consumes = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      content = @Content(mediaType = "application/json", schema = @Schema(types = "object")))
  List<OtherShopView> add(@RequestParam String name, @RequestBody String document, Principal who) {
    SharedWelds welds;
    try {
      welds = SharedWeldsFiles.read(document);
    } catch (RefusedFile refused) {
      throw new BadDocument(refused.fault());
    }
    if (welds.shop().equals(pooled.ownCode())) {
      throw new InvalidValue("shop", EvidenceText.OWN_RECORD.with());
    }
    pooled.add(name, welds, who.getName());
    return others();
  }

  /**
   * What counting a record would change.
   *
   * @param without a weld as the shop usually makes it, predicted without the record
   * @param with the same with it
   */
  record EffectView(ChanceView without, ChanceView with) {}

  /** What counting a record would change. */
  @Operation(operationId = "getOtherShopEffect")
  @GetMapping("/api/v1/evidence/other-shops/{id}/effect")
  EffectView effect(@PathVariable long id) {
    PooledRecord record = pooled.get(id);
    List<WeldObservation> own = book.past();
    List<List<WeldObservation>> beside = record.countedBeside(pooled.all());
    List<List<WeldObservation>> with =
        Stream.concat(beside.stream(), Stream.of(record.welds().welds())).toList();
    WeldObservation usual = WeldObservation.asUsual(shops.defaults());
    return new EffectView(
        ChanceView.of(HoldModel.of(own, beside).predict(usual)),
        ChanceView.of(HoldModel.of(own, with).predict(usual)));
  }

  /** Counts a record with the shop's own welds. Answers all records. */
  @Operation(operationId = "useOtherShop")
  @PostMapping("/api/v1/evidence/other-shops/{id}/use")
  List<OtherShopView> use(@PathVariable long id) {
    pooled.setUsed(id, true);
    return others();
  }

  /** Counts a record no more. Answers all records. */
  @Operation(operationId = "undoUseOtherShop")
  @PostMapping("/api/v1/evidence/other-shops/{id}/undo-use")
  List<OtherShopView> undoUse(@PathVariable long id) {
    pooled.setUsed(id, false);
    return others();
  }

  /** Removes a record. Answers all that are left. */
  @Operation(operationId = "deleteOtherShop")
  @PostMapping("/api/v1/evidence/other-shops/{id}/delete")
  List<OtherShopView> delete(@PathVariable long id) {
    pooled.delete(id);
    return others();
  }

  /** Restores a record that was removed. Answers all records. */
  @Operation(operationId = "restoreOtherShop")
  @PostMapping("/api/v1/evidence/other-shops/{id}/restore")
  List<OtherShopView> restore(@PathVariable long id) {
    pooled.restore(id);
    return others();
  }
}
