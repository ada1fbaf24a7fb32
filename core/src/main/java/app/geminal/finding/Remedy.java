package app.geminal.finding;

import app.geminal.operation.Operation;

/**
 * An edit that would mend it.
 *
 * @param label what the edit does, two or three words
 * @param instead the operation to put in the step's place
 */
public record Remedy(String label, Operation instead) {}
