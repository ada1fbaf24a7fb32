package app.geminal.geometry;

/**
 * One change of bars: of their shape, their number, or what they lie beside. Known both ways, so
 * that what is worked out for a step is worked out once.
 */
public sealed interface ShapeChange permits BarChange, Gathering {}
