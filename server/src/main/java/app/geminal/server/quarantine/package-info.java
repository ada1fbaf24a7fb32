/** What is stored and cannot be read: shown with why, downloaded as it is, never deleted. */
@NullMarked
package app.geminal.server.quarantine;

import org.jspecify.annotations.NullMarked;
