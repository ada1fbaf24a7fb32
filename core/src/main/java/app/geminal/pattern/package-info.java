/**
 * What a ground face shows. Entry class for now: {@link app.geminal.pattern.BandWidth}, the width
 * of a layer's band on a slanted face. Layers are taken as flat there.
 */
@NullMarked
package app.geminal.pattern;

import org.jspecify.annotations.NullMarked;
