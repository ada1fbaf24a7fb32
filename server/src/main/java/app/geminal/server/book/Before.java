package app.geminal.server.book;

import java.time.Instant;
import tools.jackson.databind.JsonNode;

/**
 * How something in the Book stood before it was changed.
 *
 * @param was its document then
 */
public record Before(int version, JsonNode was, String changedBy, Instant changedAt) {}
