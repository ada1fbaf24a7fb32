package app.geminal.server.steel;

import app.geminal.steel.OwnSteel;

/**
 * An own steel as it is kept.
 *
 * @param id number
 * @param version counts changes; what is sent is refused when another change came in between
 * @param listed whether it is offered; plans find it either way
 * @param known the steel as the shop knows it
 */
public record StoredSteel(long id, int version, boolean listed, OwnSteel known) {}
