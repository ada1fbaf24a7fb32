package app.geminal.server.card;

import app.geminal.units.Text;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A card as one A4 page, PDF: large figures, black on white. */
final class CardPdf {
  /** Tried one after the other until all of it fits on one page. */
  private static final double[] SIZES_PT = {16, 14.5, 13, 12, 11, 10, 9, 8, 7, 6, 5};

  private CardPdf() {}

  /** The page, set as large as fits. */
  static byte[] of(Card card) throws IOException {
    String code = Print.qr(card.link());
    byte[] page = new byte[0];
    for (double pt : SIZES_PT) {
      page = Print.pdf(html(card, pt, code));
      try (PDDocument pdf = Loader.loadPDF(page)) {
        if (pdf.getNumberOfPages() == 1) {
          break;
        }
      }
    }
    return page;
  }

  private static String html(Card card, double pt, String code) {
    return Text.of(
        """
        <html><head><title>%s</title><style>
        @page { size: A4; margin: 11mm 12mm; }
        body { font-family: Helvetica, sans-serif; font-size: %.1fpt; color: #000; }
        h1 { font-size: 24pt; margin: 0; }
        h2 { font-size: 1.05em; margin: 3.2mm 0 1mm 0; border-bottom: 0.6pt solid #000; }
        p, ul { margin: 0.6mm 0; }
        ul { padding-left: 4mm; }
        table { width: 100%%; border-collapse: collapse; }
        td, th { text-align: left; vertical-align: top; padding: 0.7mm 2mm 0.7mm 0; }
        th { font-size: 0.8em; font-weight: normal; }
        tr.row td { border-bottom: 0.3pt solid #999; }
        .big { font-size: 1.2em; font-weight: bold; white-space: nowrap; }
        .count { font-size: 30pt; font-weight: bold; }
        .qr { width: 27mm; height: 27mm; }
        .right { text-align: right; padding-right: 0; }
        </style></head><body>
        <table><tr>
          <td><h1>%s</h1><p>%s</p></td>
          <td class="right" style="width: 58mm"><span class="count">%s</span> %s
            <br/>%s<br/>%s</td>
          <td class="right" style="width: 29mm"><img class="qr" src="data:image/png;base64,%s"/>
            <br/>%s</td>
        </tr></table>
        <h2>%s</h2><p style="font-size: 1.2em">%s</p>
        <h2>%s</h2>
        <table><tr><th>%s</th><th>%s</th><th>%s</th>
          <th>%s</th></tr>%s</table>
        %s%s
        <h2>%s</h2><ul>%s</ul>
        </body></html>
        """,
        Print.text(card.name()),
        pt,
        Print.text(card.name()),
        Print.text(card.purpose()),
        Print.text(card.counts().visible()),
        Print.said(CardText.VISIBLE_LAYERS),
        Print.text(Print.said(CardText.NOMINAL.with("layers", card.counts().shop()))),
        Print.text(card.counts().bar()),
        code,
        Print.said(CardText.START_SESSION),
        Print.said(CardText.CUT_LIST),
        card.cutList().stream().map(Print::text).collect(Collectors.joining("<br/>")),
        Print.said(CardText.RUN),
        Print.said(CardText.STEP),
        Print.said(CardText.AFTER),
        Print.said(CardText.LAYERS),
        Print.said(CardText.STOPS),
        card.rows().stream().map(CardPdf::row).collect(Collectors.joining()),
        heats(card.heats()),
        flaws(card.flaws()),
        Print.said(CardText.SAFETY),
        card.cautions().stream()
            .map(c -> "<li>" + Print.text(c) + "</li>")
            .collect(Collectors.joining()));
  }

  private static String row(Card.Row row) {
    return Text.of(
        "<tr class=\"row\"><td>%s</td><td class=\"big\">%s</td><td class=\"big\">%s</td><td>%s</td></tr>",
        Print.text(row.what()),
        Print.text(row.after()),
        Print.text(row.layers()),
        Print.text(row.stops()));
  }

  private static String heats(List<Card.Heat> heats) {
    if (heats.isEmpty()) {
      return "";
    }
    return "<h2>"
        + Print.said(CardText.HEATS)
        + "</h2><table>"
        + heats.stream()
            .map(h ->
                Text.of(
                    "<tr class=\"row\"><td>%s</td><td class=\"big\">%s</td><td>%s</td><td>%s</td><td>%s</td></tr>",
                    Print.text(h.title()),
                    Print.text(h.aim()),
                    Print.text(h.window()),
                    Print.text(Print.said(CardText.SOAKED.with("soak", h.soak()))),
                    Print.text(h.protection())))
            .collect(Collectors.joining())
        + "</table>";
  }

  private static String flaws(List<String> flaws) {
    if (flaws.isEmpty()) {
      return "";
    }
    return "<h2>"
        + Print.said(CardText.OPEN_FLAWS)
        + "</h2><ul>"
        + flaws.stream().map(f -> "<li>" + Print.text(f) + "</li>").collect(Collectors.joining())
        + "</ul>";
  }
}
