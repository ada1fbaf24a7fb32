package app.geminal.server.session;

/**
 * An entry that is on disk.
 *
 * @param seq number that only grows
 * @param atS second of the session
 * @param madeBy who
 */
public record KeptEntry(long seq, double atS, Entry entry, String madeBy) {}
