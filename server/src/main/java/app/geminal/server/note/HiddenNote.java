package app.geminal.server.note;

import app.geminal.text.Message;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A note that is not shown again.
 *
 * @param id number
 * @param family which finding it is, the same in every plan
 * @param what what it is called
 * @param billetId the billet it is hidden on, null for the whole shop
 * @param billet name of that billet, null for the whole shop
 * @param person who hid it
 * @param at when
 */
record HiddenNote(
    long id,
    String family,
    Message what,
    @Nullable Long billetId,
    @Nullable String billet,
    String person,
    Instant at) {}
