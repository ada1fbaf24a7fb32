package app.geminal.server.text;

import app.geminal.text.MessageKey;

/** Names a text of the server's catalogue. */
public interface ServerKey extends MessageKey {
  @Override
  default String catalogue() {
    return "app.geminal.server.text.server";
  }
}
