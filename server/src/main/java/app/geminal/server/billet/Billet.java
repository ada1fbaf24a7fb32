package app.geminal.server.billet;

import app.geminal.billet.Plan;
import java.time.Instant;

/**
 * A billet as stored.
 *
 * @param version rises with every change, so that two windows do not overwrite each other
 * @param onRack false once it was taken off the Rack; it can be put back
 */
public record Billet(
    long id,
    String name,
    String purpose,
    Plan plan,
    int version,
    Instant changedAt,
    boolean onRack) {}
