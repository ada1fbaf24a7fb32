package app.geminal.server.photograph;

import app.geminal.counted.LayersCounted.CountLine;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.api.PhotographBody;
import app.geminal.text.Message;
import app.geminal.vision.BarMeasurer;
import app.geminal.vision.CardPdf;
import app.geminal.vision.GaugeCard;
import app.geminal.vision.KnownLength;
import app.geminal.vision.KnownLengthMeasurer;
import app.geminal.vision.MeasuredBars;
import app.geminal.vision.MeasuredPiece;
import app.geminal.vision.Photograph;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pieces measured in a photograph; nothing is stored. */
@RestController
class MeasureController {
  private final Photographs photographs;

  MeasureController(Photographs photographs) {
    this.photographs = photographs;
  }

  /** Sides of the largest piece. */
  enum KnownSide {
    LONGER,
    SHORTER
  }

  /**
   * A place on a picture.
   *
   * @param x share of its width
   * @param y share of its height
   */
  record Place(double x, double y) {}

  /**
   * The face of a piece; each error is what 95 in 100 are within.
   *
   * @param longMm its longer sides
   * @param longErrorMm of them
   * @param shortMm from one longer side to the other
   * @param shortErrorMm of it
   * @param taperMm by how much it is wider at one end than at the other
   * @param bowMm how far its middle is off the line between its ends
   * @param outOfSquareDeg how far its ends are from square, the worse of the two
   * @param corners in order around it
   */
  record PieceView(
      double longMm,
      double longErrorMm,
      double shortMm,
      double shortErrorMm,
      double taperMm,
      double bowMm,
      double outOfSquareDeg,
      List<Place> corners) {

    static PieceView of(MeasuredPiece piece, Photograph on) {
      return new PieceView(
          piece.longMm(),
          piece.longErrorMm(),
          piece.shortMm(),
          piece.shortErrorMm(),
          piece.taperMm(),
          piece.bowMm(),
          piece.outOfSquareDeg(),
          piece.corners().stream()
              .map(px -> new Place(px.x() / on.widthPx(), px.y() / on.heightPx()))
              .toList());
    }
  }

  /**
   * What a photograph measures.
   *
   * @param card that was seen, null where none was
   * @param pieces beside the card, the largest first
   * @param refused why nothing is measured, null where something is
   */
  record MeasuredView(@Nullable GaugeCard card, List<PieceView> pieces, @Nullable Message refused) {

    static MeasuredView of(MeasuredBars bars, Photograph photograph) {
      return new MeasuredView(
          bars.card().orElse(null),
          bars.pieces().stream().map(piece -> PieceView.of(piece, photograph)).toList(),
          bars.refused().orElse(null));
    }
  }

  /**
   * Measures every piece that is flat beside a gauge card, beside a rule of which two marks are
   * given, or beside a piece of which a side is known, in a photograph: JPEG or PNG.
   *
   * @param rule from one mark to another: {@code x1,y1,x2,y2}, shares of the upright picture's
   *     width and height; left out where there is a card
   * @param apartMm how far the two marks are from each other
   * @param side of the largest piece that is known; left out where there is a card or a rule
   * @param sideMm how long it is
   */
  @Operation(operationId = "measurePhotograph")
  @PostMapping(
      value = "/api/v1/photographs/measure",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @RequiredRank(Rank.APPRENTICE)
  @PhotographBody
  MeasuredView measure(
      InputStream photograph,
      @RequestParam(required = false) @Nullable String rule,
      @RequestParam(defaultValue = "0") double apartMm,
      @RequestParam(required = false) @Nullable KnownSide side,
      @RequestParam(defaultValue = "0") double sideMm,
      Principal who)
      throws IOException {
    Function<Photograph, MeasuredBars> how = how(rule, apartMm, side, sideMm);
    return photographs.read(photograph, who, read -> MeasuredView.of(how.apply(read), read));
  }

  private static Function<Photograph, MeasuredBars> how(
      @Nullable String rule, double apartMm, @Nullable KnownSide side, double sideMm) {
    if (rule != null) {
      CountLine marks = Photographs.line(rule, "rule");
      return read ->
          KnownLengthMeasurer.of(
              read, new KnownLength.BetweenMarks(Photographs.on(read, marks), apartMm));
    }
    if (side != null) {
      KnownLength known = new KnownLength.OfLargestPiece(side == KnownSide.LONGER, sideMm);
      return read -> KnownLengthMeasurer.of(read, known);
    }
    return BarMeasurer::of;
  }

  /** Both gauge cards on a page to print at full size, as PDF. */
  @Operation(operationId = "getGaugeCardPdf")
  @GetMapping(value = "/api/v1/gauge-card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> card() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gauge-card.pdf\"")
        .body(CardPdf.page());
  }
}
