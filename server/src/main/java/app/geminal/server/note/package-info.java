/** Notes a smith has read and chosen not to see again, for a billet or for the shop. */
@NullMarked
package app.geminal.server.note;

import org.jspecify.annotations.NullMarked;
