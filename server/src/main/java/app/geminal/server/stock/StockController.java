package app.geminal.server.stock;

import app.geminal.stock.StockBar;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The shelf over HTTP. */
@RestController
class StockController {
  private final StockService stock;

  StockController(StockService stock) {
    this.stock = stock;
  }

  /**
   * Bars changed; {@code version} is the one the change was based on.
   *
   * @param version counts changes; what is sent is refused when another change came in between
   * @param bar the bar or sheet
   */
  record Changed(int version, StockBar bar) {}

  /** Bars and sheets in stock. */
  @Operation(operationId = "listStock")
  @GetMapping("/api/v1/stock")
  List<StoredStockBar> all() {
    return stock.all();
  }

  /** Adds bars to stock. */
  @Operation(operationId = "addStock")
  @PostMapping("/api/v1/stock")
  @ResponseStatus(HttpStatus.CREATED)
  StoredStockBar add(@RequestBody StockBar bar) {
    return stock.add(bar);
  }

  /** Changes bars in stock. */
  @Operation(operationId = "changeStock")
  @PutMapping("/api/v1/stock/{id}")
  StoredStockBar change(@PathVariable long id, @RequestBody Changed body) {
    return stock.change(id, body.version(), Require.present("bar", body.bar()));
  }

  /** Archives bars. */
  @Operation(operationId = "archiveStock")
  @PostMapping("/api/v1/stock/{id}/archive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOff(@PathVariable long id) {
    stock.setOnShelf(id, false);
  }

  /** Restores archived bars. */
  @Operation(operationId = "restoreStock")
  @PostMapping("/api/v1/stock/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable long id) {
    stock.setOnShelf(id, true);
  }
}
