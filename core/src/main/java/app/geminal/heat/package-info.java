/**
 * What the fire does to steel. Entry class for now: {@link app.geminal.heat.Scale}, the steel lost
 * to oxide.
 */
@NullMarked
package app.geminal.heat;

import org.jspecify.annotations.NullMarked;
