package app.geminal.server.account;

import app.geminal.units.UnitSystem;

/**
 * A person who may sign in.
 *
 * @param units what they read and type
 */
record Account(long id, String login, String name, String passwordHash, UnitSystem units) {}
