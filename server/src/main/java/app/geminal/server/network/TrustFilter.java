package app.geminal.server.network;

import app.geminal.server.text.RequestLanguage;
import app.geminal.text.Message;
import app.geminal.units.Text;
import app.geminal.units.Units;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.cert.CertificateEncodingException;
import java.util.Base64;
import java.util.UUID;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.HtmlUtils;

/**
 * The plain port: a page about trusting the shop, its authority's certificate to install, and
 * nothing else of the shop. No one signs in over a line that others can read.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class TrustFilter extends OncePerRequestFilter {
  private static final String CERTIFICATE = "/geminal-authority.crt";

  /** A picture that is only seen where the shop is trusted: no browser loads it otherwise. */
  private static final String MARK = "/trusted.svg";

  private static final String PROFILE = "/geminal.mobileconfig";

  private final ShopNetwork network;

  TrustFilter(ShopNetwork network) {
    this.network = network;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !network.needsTrust()
        || !(request.getLocalPort() == network.trustPort() || isMark(request));
  }

  private static boolean isMark(HttpServletRequest request) {
    return request.isSecure() && request.getRequestURI().equals(MARK);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Cache-Control", "no-store");
    response.setHeader(
        "Content-Security-Policy",
        "default-src 'none'; style-src 'unsafe-inline'; img-src "
            + network.origin()
            + "; frame-ancestors 'none'");
    if (!request.getMethod().equals("GET") && !request.getMethod().equals("HEAD")) {
      response.setStatus(HttpServletResponse.SC_METHOD_NOT_ALLOWED);
      return;
    }
    if (isMark(request)) {
      send(response, "image/svg+xml", mark());
      return;
    }
    switch (request.getRequestURI()) {
      case CERTIFICATE -> send(response, "application/x-x509-ca-cert", network.authority().pem());
      case PROFILE -> send(response, "application/x-apple-aspen-config", profile());
      case "/" -> send(response, "text/html", page());
      default -> {
        response.setStatus(HttpServletResponse.SC_FOUND);
        response.setHeader("Location", "/");
      }
    }
  }

  private static void send(HttpServletResponse response, String type, String text)
      throws IOException {
    response.setContentType(type);
    response.setCharacterEncoding("UTF-8");
    response.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
  }

  private static String said(Message message) {
    return HtmlUtils.htmlEscape(RequestLanguage.texts().read(message, Units.METRIC), "UTF-8");
  }

  private String page() throws IOException {
    StringBuilder steps = new StringBuilder();
    for (NetworkText kind :
        new NetworkText[] {
          NetworkText.ON_IPHONE, NetworkText.ON_ANDROID, NetworkText.ON_WINDOWS, NetworkText.ON_MAC
        }) {
      steps.append("<li>").append(said(kind.with())).append("</li>");
    }
    return Text.of(
        """
        <!doctype html><html><head><meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1"><title>%s</title>
        <style>
        body { font: 18px/1.45 system-ui, sans-serif; max-width: 36rem; margin: 1.5rem auto; padding: 0 1rem; color: #222; background: #f4f3ef; }
        a { display: inline-block; padding: .7rem 1rem; border: 2px solid #222; color: #222; text-decoration: none; font-weight: 600; margin: .3rem .6rem .3rem 0; }
        code { font: 600 16px/1.6 ui-monospace, monospace; overflow-wrap: anywhere; }
        li { margin: .5rem 0; }
        img { display: block; width: 100%%; font-weight: 600; }
        </style></head><body>
        <h1>%s</h1><p>%s</p>
        <h2>%s</h2><p><a href="%s">%s</a> <a href="%s">%s</a></p><ul>%s</ul>
        <h2>%s</h2><p>%s</p><p><code>%s</code></p>
        <h2>%s</h2><img src="%s" alt="%s"><p><a href="/">%s</a></p>
        <h2>%s</h2><p><a href="%s">%s</a></p><p>%s</p>
        </body></html>
        """,
        said(NetworkText.TITLE.with()),
        said(NetworkText.TITLE.with()),
        said(NetworkText.WHY.with()),
        said(NetworkText.STEP_INSTALL.with()),
        CERTIFICATE,
        said(NetworkText.CERTIFICATE.with()),
        PROFILE,
        said(NetworkText.PROFILE.with()),
        steps,
        said(NetworkText.STEP_COMPARE.with()),
        said(NetworkText.COMPARE.with()),
        network.authority().fingerprint(),
        said(NetworkText.STEP_CHECK.with()),
        HtmlUtils.htmlEscape(network.origin() + MARK, "UTF-8"),
        said(NetworkText.NOT_TRUSTED.with()),
        said(NetworkText.CHECK_AGAIN.with()),
        said(NetworkText.STEP_OPEN.with()),
        HtmlUtils.htmlEscape(network.origin() + "/device", "UTF-8"),
        said(NetworkText.OPEN.with()),
        said(NetworkText.WARNED.with()));
  }

  private static String mark() {
    return Text.of(
        """
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 560 44">
        <path d="M6 24l10 10L36 10" fill="none" stroke="#1d6b3a" stroke-width="6"/>
        <text x="52" y="31" font-family="system-ui, sans-serif" font-size="24" font-weight="600" fill="#222">%s</text>
        </svg>
        """,
        said(NetworkText.TRUSTED.with()));
  }

  /** What phones and tablets of one maker install by a tap. */
  private String profile() throws IOException {
    String encoded;
    try {
      encoded =
          Base64.getMimeEncoder().encodeToString(network.authority().certificate().getEncoded());
    } catch (CertificateEncodingException e) {
      throw new IOException(e);
    }
    String id =
        UUID.nameUUIDFromBytes(
                network.authority().fingerprint().getBytes(StandardCharsets.US_ASCII))
            .toString();
    String name = said(NetworkText.TITLE.with());
    return Text.of(
        """
        <?xml version="1.0" encoding="UTF-8"?>
        <!DOCTYPE plist PUBLIC "-//Apple//DTD PLIST 1.0//EN" "http://www.apple.com/DTDs/PropertyList-1.0.dtd">
        <plist version="1.0"><dict>
        <key>PayloadContent</key><array><dict>
        <key>PayloadCertificateFileName</key><string>geminal-authority.crt</string>
        <key>PayloadContent</key><data>%s</data>
        <key>PayloadDisplayName</key><string>%s</string>
        <key>PayloadIdentifier</key><string>app.geminal.authority.%s</string>
        <key>PayloadType</key><string>com.apple.security.root</string>
        <key>PayloadUUID</key><string>%s</string>
        <key>PayloadVersion</key><integer>1</integer>
        </dict></array>
        <key>PayloadDisplayName</key><string>%s</string>
        <key>PayloadIdentifier</key><string>app.geminal.%s</string>
        <key>PayloadType</key><string>Configuration</string>
        <key>PayloadUUID</key><string>%s</string>
        <key>PayloadVersion</key><integer>1</integer>
        </dict></plist>
        """,
        encoded,
        name,
        id,
        UUID.nameUUIDFromBytes(id.getBytes(StandardCharsets.US_ASCII)),
        name,
        id,
        id);
  }
}
