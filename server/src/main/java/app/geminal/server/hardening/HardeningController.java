package app.geminal.server.hardening;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.hardening.HardeningPlan;
import app.geminal.server.billet.Billet;
import app.geminal.server.billet.BilletService;
import app.geminal.server.shop.ShopService;
import app.geminal.server.steel.SteelShelf;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a finished piece asks for, over HTTP. What was done is written in the Book. */
@RestController
class HardeningController {
  private final BilletService billets;
  private final ShopService shops;
  private final SteelShelf shelf;

  HardeningController(BilletService billets, ShopService shops, SteelShelf shelf) {
    this.billets = billets;
    this.shops = shops;
    this.shelf = shelf;
  }

  /**
   * A temper; {@code layersHrc} is null where one steel's curve does not reach it.
   *
   * @param celsius tempering temperature, °C
   * @param hrcBySteel HRC after this temper, by id of the steel
   * @param layersHrc HRC of all layers together, null where it cannot be given
   */
  record TemperView(double celsius, Map<String, Double> hrcBySteel, @Nullable Double layersHrc) {}

  /**
   * The plan; {@code quench} is null where nothing hardens.
   *
   * @param thickMm of the piece it was made for
   * @param steels the steels
   * @param soft how to soften it for work
   * @param normalizingC normalizing heats, °C, falling
   * @param fromC lower end, °C
   * @param toC upper end, °C
   * @param hardenC hardening heat for the whole bar, °C
   * @param compromise where the steels want different treatment, and what was chosen
   * @param quench what to quench the whole bar in, null where the steels do not agree
   * @param tempers what tempering gives
   * @param etch how to etch it and what will show
   * @param cautions what can hurt, and what to do about it
   */
  record HardeningView(
      double thickMm,
      List<HardeningPlan.OfSteel> steels,
      List<String> soft,
      List<Double> normalizingC,
      double fromC,
      double toC,
      double hardenC,
      List<Message> compromise,
      @Nullable Message quench,
      List<TemperView> tempers,
      List<Message> etch,
      List<Message> cautions) {}

  /** How to harden, temper and etch a bar of this billet. */
  @Operation(operationId = "getHardeningPlan")
  @GetMapping("/api/v1/billets/{id}/hardening")
  HardeningView plan(@PathVariable long id) {
    Billet billet = billets.get(id);
    Steels steels = shelf.steels();
    Bars end = Run.of(billet.plan(), steels, shops.defaults()).last().bars();
    double thick = Math.min(end.heightMm(), end.widthMm());
    HardeningPlan p = HardeningPlan.of(end.amount(), thick, steels);
    return new HardeningView(
        thick,
        p.steels(),
        p.soft(),
        p.normalizingC(),
        p.fromC(),
        p.toC(),
        p.hardenC(),
        p.compromise(),
        p.quench().map(q -> q.words()).orElse(null),
        p.tempers().stream()
            .map(t -> new TemperView(t.celsius(), t.hrcBySteel(), t.layersHrc().orElse(null)))
            .toList(),
        p.etch(),
        p.cautions());
  }
}
