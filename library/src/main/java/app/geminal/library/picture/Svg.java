package app.geminal.library.picture;

import app.geminal.layers.Layer;
import app.geminal.pattern.Outlines;
import app.geminal.pattern.Outlines.Corner;
import app.geminal.pattern.Pane;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.Tones;
import app.geminal.units.Text;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The outlines of a view as SVG in true size: one unit is 1 mm, the origin is the upper left corner
 * of the part shown. Flat layers are rectangles on their exact boundaries; everything else is
 * traced. One group for each steel, named after it.
 */
public final class Svg {
  private final Pane pane;
  private final Tones tones;
  private final StringBuilder text = new StringBuilder();

  private Svg(Pane pane, Tones tones) {
    this.pane = pane;
    this.tones = tones;
  }

  /**
   * The file.
   *
   * @param pane the part of the view, and how finely outlines are traced
   * @param steels designations of those that may show
   * @param title what it is of
   */
  public static String of(
      SectionView sight, Pane pane, List<String> steels, Tones tones, String title) {
    Svg svg = new Svg(pane, tones);
    svg.begin(title);
    Optional<List<Layer>> flat = sight.flatLayers();
    if (flat.isPresent()) {
      svg.rectangles(flat.get(), steels, sight.widthMm());
    } else {
      svg.paths(Outlines.of(sight, pane, steels));
    }
    svg.text.append("</svg>\n");
    return svg.text.toString();
  }

  private void begin(String title) {
    text.append(
        Text.of(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">\n",
            mm(pane.widthMm()), mm(pane.heightMm()), mm(pane.widthMm()), mm(pane.heightMm())));
    text.append(Text.of("<title>%s</title>\n", escaped(title)));
  }

  private void rectangles(List<Layer> layers, List<String> steels, double widthMm) {
    double left = Math.max(0, pane.leftMm());
    double right = Math.min(widthMm, pane.leftMm() + pane.widthMm());
    for (String steel : steels) {
      group(steel);
      double bottom = 0;
      for (Layer layer : layers) {
        double top = bottom + layer.thicknessMm();
        double low = Math.max(bottom, pane.lowMm());
        double high = Math.min(top, pane.lowMm() + pane.heightMm());
        if (layer.steel().equals(steel) && high > low && right > left) {
          text.append(
              Text.of(
                  "<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>\n",
                  mm(left - pane.leftMm()), mm(fromTop(high)), mm(right - left), mm(high - low)));
        }
        bottom = top;
      }
      text.append("</g>\n");
    }
  }

  private void paths(Map<String, List<List<Corner>>> rings) {
    rings.forEach((steel, of) -> {
      group(steel);
      if (!of.isEmpty()) {
        text.append("<path fill-rule=\"evenodd\" d=\"");
        of.forEach(this::ring);
        text.append("\"/>\n");
      }
      text.append("</g>\n");
    });
  }

  private void ring(List<Corner> ring) {
    char letter = 'M';
    for (Corner corner : ring) {
      text.append(
          Text.of(
              "%s%s %s", letter, mm(corner.rightMm() - pane.leftMm()), mm(fromTop(corner.upMm()))));
      letter = 'L';
    }
    text.append('Z');
  }

  private void group(String steel) {
    text.append(
        Text.of(
            "<g id=\"%s\" fill=\"#%06x\">\n",
            escaped(steel.replaceAll("\\s", "-")), tones.pure(steel) & 0xFFFFFF));
  }

  private double fromTop(double upMm) {
    return pane.lowMm() + pane.heightMm() - upMm;
  }

  private static String mm(double value) {
    String text = String.format(Locale.ROOT, "%.4f", value);
    return text.replaceFirst("\\.?0+$", "").replaceFirst("^-0$", "0");
  }

  private static String escaped(String text) {
    return XmlText.of(text).replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
  }
}
