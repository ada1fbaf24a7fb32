package app.geminal.fire;

/**
 * Something to lay out before the forge is lit.
 *
 * @param what it is, may hold measure marks
 * @param caution where it can hurt, may be empty
 */
public record LaidOut(String what, String caution) {}
