package app.geminal.vision;

/**
 * A dark line on a face of steel, which may be a flaw. Places are shares of the face's width and
 * height from its upper left corner, 0 to 1.
 *
 * @param fromX its left end
 * @param fromY its left end
 * @param toX its right end
 * @param toY its right end
 * @param lengthMm from end to end
 * @param widthMm of it
 * @param contrast how much darker it is than what is around it, 0 to 1
 */
public record DarkLine(
    double fromX,
    double fromY,
    double toX,
    double toY,
    double lengthMm,
    double widthMm,
    double contrast) {}
