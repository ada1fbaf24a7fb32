package app.geminal.library.text;

import app.geminal.text.Catalogue;
import app.geminal.text.Message;
import java.util.Locale;
import java.util.function.Supplier;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * Messages are sent as text in the reader's language, figures as marks such as {@code [[mm 3]]}.
 */
public final class MessageJson {
  private MessageJson() {}

  /** For one reader after the other: {@code language} is asked for each message. */
  public static SimpleModule module(Supplier<Locale> language) {
    return new SimpleModule("messages").addSerializer(new Text(language));
  }

  private static final class Text extends StdSerializer<Message> {
    private final Supplier<Locale> language;

    private Text(Supplier<Locale> language) {
      super(Message.class);
      this.language = language;
    }

    @Override
    public void serialize(Message message, JsonGenerator json, SerializationContext context) {
      json.writeString(Catalogue.of(language.get()).marked(message));
    }
  }
}
