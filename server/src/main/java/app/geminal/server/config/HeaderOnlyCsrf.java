package app.geminal.server.config;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;

/**
 * Takes the page's token from its header alone. A form of another site can send parameters, and a
 * cookie can be planted from a neighbouring name; a header it cannot set.
 */
final class HeaderOnlyCsrf extends CsrfTokenRequestAttributeHandler {
  @Override
  public @Nullable String resolveCsrfTokenValue(HttpServletRequest request, CsrfToken token) {
    return request.getHeader(token.getHeaderName());
  }
}
