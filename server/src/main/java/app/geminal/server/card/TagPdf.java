package app.geminal.server.card;

import app.geminal.units.Text;
import java.io.IOException;

/** A tag to wire to a billet, PDF: its name and the code that opens it on a telephone. */
final class TagPdf {
  /** Longer names are set smaller, so that they keep to two lines. */
  private static final int LONG_NAME = 24;

  private TagPdf() {}

  /**
   * The tag.
   *
   * @param id number of the billet
   * @param name name of the billet
   * @param layers visible layers of the finished bar
   * @param link opens the billet at the bench
   */
  static byte[] of(long id, String name, String layers, String link) throws IOException {
    return Print.pdf(
        Text.of(
            """
            <html><head><title>%s</title><style>
            @page { size: 80mm 40mm; margin: 3mm; }
            body { font-family: Helvetica, sans-serif; font-size: 10pt; color: #000; margin: 0; }
            table { border-collapse: collapse; width: 74mm; }
            td { vertical-align: middle; padding: 0; }
            .hole { width: 8mm; }
            .ring { width: 5mm; height: 5mm; border: 0.4pt solid #000; border-radius: 2.5mm; }
            .name { font-size: %.1fpt; font-weight: bold; }
            .qr { width: 33mm; height: 33mm; }
            </style></head><body><table><tr>
            <td class="hole"><div class="ring"></div></td>
            <td><div class="name">%s</div>%s<br/>%s</td>
            <td style="width: 34mm"><img class="qr" src="data:image/png;base64,%s"/></td>
            </tr></table></body></html>
            """,
            Print.text(name),
            name.length() > LONG_NAME ? 9.0 : 13.0,
            Print.text(name),
            Print.text(Print.said(CardText.TAG_NUMBER.with("number", id))),
            Print.text(Print.said(CardText.TAG_LAYERS.with("layers", layers))),
            Print.qr(link)));
  }
}
