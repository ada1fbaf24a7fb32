package app.geminal.server.calibration;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What was known after one session, or after a reset.
 *
 * @param id number of the row
 * @param sessionId number of the session that taught it, null for a reset
 * @param at when it was learned
 * @param stored what
 */
record CalibrationRow(long id, @Nullable Long sessionId, Instant at, StoredCalibration stored) {}
