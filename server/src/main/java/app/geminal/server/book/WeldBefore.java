package app.geminal.server.book;

import java.time.Instant;

/**
 * How a weld was before it was changed.
 *
 * @param version counts its changes
 * @param was the weld then
 * @param changedBy name of the person who changed it
 * @param changedAt when it was changed
 */
public record WeldBefore(int version, WeldView was, String changedBy, Instant changedAt) {}
