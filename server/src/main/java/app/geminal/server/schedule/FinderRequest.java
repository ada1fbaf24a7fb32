package app.geminal.server.schedule;

import app.geminal.billet.Plan;
import app.geminal.layup.Piece;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.SearchLimits;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a page asks of the Finder.
 *
 * @param count layers wanted, or the most that make sense where as many as can be are wanted
 * @param tolerance how close will do, fraction; null to have as many as can be
 * @param counted which count
 * @param from what there is
 * @param finished the bar wanted
 * @param bounds what is tried, null for everything
 * @param insert a sheet that may lie between, or null
 * @param core pieces the last restack surrounds, null for none
 * @param blockMm height of a restacked block, null for the usual one
 * @param within limits, null for the shop's
 */
record FinderRequest(
    long count,
    @Nullable Double tolerance,
    CountKind counted,
    Beginning from,
    FinishedBar finished,
    @Nullable Bounds bounds,
    @Nullable Piece insert,
    @Nullable List<Piece> core,
    @Nullable Double blockMm,
    @Nullable SearchLimits within) {

  /** What there is to begin with. */
  enum Kind {
    /** New stacks, as long as needed. */
    STACKS,
    /** New stacks, as long as the bars on the shelf give. */
    SHELF,
    /** The bar at a stage of a plan. */
    BAR
  }

  /**
   * What there is.
   *
   * @param kind which of several this is
   * @param outside the outer pieces that can be had; for stacks and shelf
   * @param inside the other pieces; for stacks and shelf
   * @param widthMm of the pieces; for stacks and shelf
   * @param plan where the bar is; for a bar
   * @param stage of the plan, 0 for its stack; for a bar
   * @param measured the bar as it was measured, null to take it as planned
   */
  record Beginning(
      Kind kind,
      @Nullable List<Piece> outside,
      @Nullable List<Piece> inside,
      @Nullable Double widthMm,
      @Nullable Plan plan,
      @Nullable Integer stage,
      @Nullable Measured measured) {}

  /**
   * A bar as it was measured.
   *
   * @param widthMm width, mm
   * @param heightMm height, mm
   * @param lengthMm length, mm
   */
  record Measured(double widthMm, double heightMm, double lengthMm) {}
}
