/** Billets and their plans. Entry class: {@link app.geminal.server.billet.BilletService}. */
@NullMarked
package app.geminal.server.billet;

import org.jspecify.annotations.NullMarked;
