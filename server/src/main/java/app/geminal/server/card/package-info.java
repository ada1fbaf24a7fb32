/** One printed page per billet. Entry class: {@link app.geminal.server.card.CardController}. */
@NullMarked
package app.geminal.server.card;

import org.jspecify.annotations.NullMarked;
