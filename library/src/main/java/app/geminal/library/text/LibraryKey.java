package app.geminal.library.text;

import app.geminal.text.MessageKey;

/** Names a text of the library's catalogue. */
public interface LibraryKey extends MessageKey {
  @Override
  default String catalogue() {
    return "app.geminal.library.text.library";
  }
}
