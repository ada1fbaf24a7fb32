/**
 * A bar at the fire, followed second by second: what its skin and core are likely at, how far that
 * may be off, and what the eye and the instruments say about it. An ensemble of bars is followed at
 * once, each with its own gaps, flame and gauge; what is seen gives weight to those it fits.
 */
@NullMarked
package app.geminal.following;

import org.jspecify.annotations.NullMarked;
