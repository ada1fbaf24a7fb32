package app.geminal.server.session;

import app.geminal.weldmap.FailureCause;

/**
 * Why a joint of a practice run is open, as someone named it who had looked at it.
 *
 * @param joint which, from below, from 1
 * @param cause what they took it to be
 */
public record NamedCause(int joint, FailureCause cause) {}
