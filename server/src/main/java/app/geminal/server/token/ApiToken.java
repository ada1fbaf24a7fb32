package app.geminal.server.token;

import app.geminal.server.account.Rank;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A token that a script signs in with, without its secret.
 *
 * @param id its number
 * @param login name its person signs in with
 * @param person name of its person
 * @param name what it is for, as its person put it, 1 to 80 characters
 * @param rank the most it may do; less where its person may do less
 * @param createdAt when it was made
 * @param lastUsedAt when it was last used, to the minute; null while it was not
 */
record ApiToken(
    long id,
    String login,
    String person,
    String name,
    Rank rank,
    Instant createdAt,
    @Nullable Instant lastUsedAt) {}
