package app.geminal.server.card;

import app.geminal.server.account.Accounts;
import app.geminal.server.network.ShopNetwork;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.security.Principal;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Cards over HTTP. */
@RestController
class CardController {
  private final Cards cards;
  private final Accounts accounts;
  private final ShopNetwork network;

  CardController(Cards cards, Accounts accounts, ShopNetwork network) {
    this.cards = cards;
    this.accounts = accounts;
    this.network = network;
  }

  /** The card for the forge, as data. */
  @Operation(operationId = "getCard")
  @GetMapping("/api/v1/billets/{id}/card")
  Card card(@PathVariable long id, Principal who, HttpServletRequest request) {
    return cards.of(id, accounts.units(who.getName()), origin(request));
  }

  /** The card for the forge, as PDF. */
  @Operation(operationId = "getCardPdf")
  @GetMapping(value = "/api/v1/billets/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> pdf(@PathVariable long id, Principal who, HttpServletRequest request)
      throws IOException {
    Card card = card(id, who, request);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(card.name().replaceAll("[^\\p{L}\\p{N} ._-]", "_") + ".pdf")
                .build()
                .toString())
        .body(CardPdf.of(card));
  }

  /** A tag to wire to the billet, as PDF; its code opens the billet at the bench. */
  @Operation(operationId = "getTagPdf")
  @GetMapping(value = "/api/v1/billets/{id}/tag.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> tag(@PathVariable long id, Principal who, HttpServletRequest request)
      throws IOException {
    Card card = card(id, who, request);
    return ResponseEntity.ok()
        .body(
            TagPdf.of(
                id,
                card.name(),
                card.counts().visible(),
                origin(request) + "/billets/" + id + "/bench"));
  }

  /** Where devices find the shop; a code that leads to this machine itself helps no phone. */
  private String origin(HttpServletRequest request) {
    String origin = network.origin();
    return origin.isEmpty() ? here(request) : origin;
  }

  private static String here(HttpServletRequest request) {
    return ServletUriComponentsBuilder.fromRequestUri(request)
        .replacePath("")
        .replaceQuery("")
        .build()
        .toUriString()
        .replaceAll("[?/]+$", "");
  }
}
