package app.geminal.server.billet;

import app.geminal.text.Message;

/**
 * A billet whose plan cannot be read or worked through.
 *
 * @param why as a sentence
 */
record Unreadable(long id, String name, Message why) {}
