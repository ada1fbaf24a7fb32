package app.geminal.session;

/** Something logged of a billet at the fire: done to it, or seen of it. */
public sealed interface Logged permits LogEntry, LogSighting {
  /** Made where it was tapped. */
  String id();

  /** Second of the session; from −3600 for what was before lighting up. */
  double atS();
}
