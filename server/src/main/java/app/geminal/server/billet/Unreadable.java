package app.geminal.server.billet;

/**
 * A billet whose plan cannot be read or worked through.
 *
 * @param why as a sentence
 */
record Unreadable(long id, String name, String why) {}
