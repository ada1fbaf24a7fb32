package app.geminal.server.book;

import java.time.Instant;

/**
 * How an entry was before it was changed.
 *
 * @param version counts its changes
 * @param was the entry then
 * @param changedBy name of the person who changed it
 * @param changedAt when it was changed
 */
public record EntryBefore(int version, EntryView was, String changedBy, Instant changedAt) {}
