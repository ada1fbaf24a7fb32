package app.geminal.vision;

import app.geminal.text.Message;
import java.util.List;
import java.util.Optional;

/**
 * What a photograph with a gauge card measures.
 *
 * @param card that was seen
 * @param pxPerMm in the middle of the card; 0 where none was seen
 * @param pieces that lie beside it, the largest first
 * @param refused why nothing is measured, where nothing is
 */
public record MeasuredBars(
    Optional<GaugeCard> card,
    double pxPerMm,
    List<MeasuredPiece> pieces,
    Optional<Message> refused) {
  /** Copies the list. */
  public MeasuredBars {
    pieces = List.copyOf(pieces);
  }

  static MeasuredBars refused(Message why) {
    return new MeasuredBars(Optional.empty(), 0, List.of(), Optional.of(why));
  }
}
