package app.geminal.server.steel;

import app.geminal.steel.OwnSteel;

/**
 * An own steel as it is kept.
 *
 * @param listed whether it is offered; plans find it either way
 */
public record Kept(long id, int version, boolean listed, OwnSteel known) {}
