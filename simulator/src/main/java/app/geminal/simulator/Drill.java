package app.geminal.simulator;

/** A practice run in which one thing is wrong that only the right practice gets round. */
public enum Drill {
  /** Loose gaps: the core stays far behind. Wait until no shadow is left. */
  COLD_CENTER,
  /** Dies that take much heat: the last bite is cold. Hotter, and quick from bite to bite. */
  LATE_BITE,
  /** Faces with scale on them. Flux again before the squeeze. */
  DIRTY_FACES,
  /** A flame with oxygen to spare. Turn the gas up before the steel is hot. */
  LEAN_FLAME,
  /** A thermocouple that says too much. Believe the color. */
  LYING_GAUGE,
  /** Edges that open under a hard squeeze. Two light ones. */
  OVER_PRESSED
}
