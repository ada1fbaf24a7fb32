/**
 * What the fire does to steel. Entry classes: {@link app.geminal.heat.Scale}, the steel lost to
 * oxide; {@link app.geminal.heat.Soak}, how long until the core is hot; {@link
 * app.geminal.heat.Homogenization}, what diffuses between layers.
 */
@NullMarked
package app.geminal.heat;

import org.jspecify.annotations.NullMarked;
