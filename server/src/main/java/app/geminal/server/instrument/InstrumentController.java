package app.geminal.server.instrument;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
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

/** Instruments over HTTP. */
@RestController
class InstrumentController {
  private final Instruments instruments;

  InstrumentController(Instruments instruments) {
    this.instruments = instruments;
  }

  /** The instruments and what they read. */
  @Operation(operationId = "listInstruments")
  @GetMapping("/api/v1/instruments")
  List<Instruments.InstrumentView> all() {
    return instruments.all();
  }

  /** Adds an instrument. */
  @Operation(operationId = "addInstrument")
  @PostMapping("/api/v1/instruments")
  @RequiredRank(Rank.OWNER)
  @ResponseStatus(HttpStatus.CREATED)
  Instruments.InstrumentView add(@RequestBody Instrument body) {
    return instruments.add(body);
  }

  /** Changes an instrument. */
  @Operation(operationId = "changeInstrument")
  @PutMapping("/api/v1/instruments/{id}")
  @RequiredRank(Rank.OWNER)
  Instruments.InstrumentView change(@PathVariable long id, @RequestBody Instrument body) {
    return instruments.change(id, body);
  }

  /** Removes an instrument. */
  @Operation(operationId = "removeInstrument")
  @PostMapping("/api/v1/instruments/{id}/remove")
  @RequiredRank(Rank.OWNER)
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    instruments.remove(id);
  }
}
