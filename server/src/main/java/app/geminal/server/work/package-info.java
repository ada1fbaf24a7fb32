/**
 * The work on a billet step by step, for the bench and the saw. Entry class: {@link
 * app.geminal.server.work.WorkController}.
 */
@NullMarked
package app.geminal.server.work;

import org.jspecify.annotations.NullMarked;
