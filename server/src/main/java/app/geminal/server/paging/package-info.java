/** Lists that grow, reported a page at a time. */
@NullMarked
package app.geminal.server.paging;

import org.jspecify.annotations.NullMarked;
