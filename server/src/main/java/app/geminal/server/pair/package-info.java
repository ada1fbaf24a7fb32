/**
 * Which steels go together, over HTTP. Entry class: {@link app.geminal.server.pair.PairController}.
 */
@NullMarked
package app.geminal.server.pair;

import org.jspecify.annotations.NullMarked;
