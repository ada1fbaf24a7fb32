package app.geminal.server.picture;

import app.geminal.billet.Plan;
import app.geminal.operation.Blade;
import app.geminal.pattern.Field;
import app.geminal.pattern.Pane;
import app.geminal.pattern.SectionView;
import app.geminal.pattern.View;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/**
 * What someone wants to see.
 *
 * @param plan the billet
 * @param path names of parts down to the one meant, joined by strokes; empty for the billet itself
 * @param stage 0 for the stack
 * @param bar which of several bars, from 0
 * @param look from where
 * @param part what part of the view, null for a first look
 * @param widthPx of the picture
 * @param heightPx of the picture
 * @param relief shaded as after a deep etch
 */
record PictureRequest(
    Plan plan,
    String path,
    int stage,
    int bar,
    Look look,
    @Nullable PartOfView part,
    int widthPx,
    int heightPx,
    boolean relief) {
  /** Room left round a whole view. */
  private static final double MARGIN = 1.06;

  /** Bars longer than this, against the picture, are first shown across and not whole. */
  private static final double LONG = 2.5;

  /**
   * A look.
   *
   * @param from the side looked at
   * @param atMm mm from the end or face where the section is taken
   * @param acrossMm mm across the section
   * @param blade laid into the bar, null where the bar is one
   */
  record Look(View.From from, double atMm, double acrossMm, @Nullable Blade blade) {
    View view() {
      return View.of(Require.present("look/from", from), atMm, acrossMm, blade);
    }
  }

  /**
   * Part of a view, mm from its left and over its lower edge.
   *
   * @param leftMm left edge of the part, mm from the left of the view
   * @param lowMm lower edge of the part, mm above the lower edge of the view
   * @param widthMm width, mm
   * @param heightMm height, mm
   */
  record PartOfView(double leftMm, double lowMm, double widthMm, double heightMm) {}

  SectionView sight(Field field) {
    try {
      return SectionView.of(field, Require.present("look", look).view(), bar);
    } catch (InvalidValue bad) {
      throw bad.path().equals("bar") ? bad : bad.inside("look");
    }
  }

  Pane pane(SectionView sight) {
    if (part != null) {
      return new Pane(
          part.leftMm(), part.lowMm(), part.widthMm(), part.heightMm(), widthPx, heightPx);
    }
    Require.count("widthPx", widthPx, 1, 8000);
    Require.count("heightPx", heightPx, 1, 8000);
    double across = sight.heightMm() / heightPx;
    double along = sight.widthMm() / widthPx;
    boolean lengthwise = look.from() != View.From.END && look.from() != View.From.BLADE;
    boolean cropped = lengthwise && along > LONG * across;
    double mmPerPx = MARGIN * (cropped ? across : Math.max(across, along));
    double width = mmPerPx * widthPx;
    double height = mmPerPx * heightPx;
    return new Pane(
        (sight.widthMm() - width) / 2,
        (sight.heightMm() - height) / 2,
        width,
        height,
        widthPx,
        heightPx);
  }
}
