/**
 * Sessions at the fire: what was tapped and read, kept as it comes, followed by the core and sent
 * to every screen that looks. Entry classes: {@link app.geminal.server.session.ForgeSessionService}
 * for what is stored, {@link app.geminal.server.session.LiveSessions} for the sessions that are
 * going on.
 *
 * <p>What was done is a log that only grows. The person who may have missed something reads it
 * again from a number on; the person who may have sent something twice sends it again.
 */
@NullMarked
package app.geminal.server.session;

import org.jspecify.annotations.NullMarked;
