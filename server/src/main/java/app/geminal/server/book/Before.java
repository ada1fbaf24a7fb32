package app.geminal.server.book;

import java.time.Instant;
import tools.jackson.databind.JsonNode;

/**
 * How something in the Book stood before it was changed.
 *
 * @param version counts changes; what is sent is refused when another change came in between
 * @param was its document then
 * @param changedBy name of whoever changed it
 * @param changedAt when it was last changed
 */
public record Before(int version, JsonNode was, String changedBy, Instant changedAt) {}
