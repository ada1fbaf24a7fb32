package app.geminal.server.account;

import app.geminal.units.Units;

/**
 * A person who may sign in.
 *
 * @param units what they read and type
 * @param mayEnter false for someone who was here once and is not let in any more; what they wrote
 *     stays theirs
 */
record Account(
    long id,
    String login,
    String name,
    String passwordHash,
    Units units,
    Rank rank,
    boolean mayEnter) {}
