package app.geminal.server.text;

import app.geminal.text.Catalogue;
import org.springframework.context.i18n.LocaleContextHolder;

/** The language that the request asks for. */
public final class RequestLanguage {
  private RequestLanguage() {}

  /** The texts in it. */
  public static Catalogue texts() {
    return Catalogue.of(LocaleContextHolder.getLocale());
  }
}
