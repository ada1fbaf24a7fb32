package app.geminal.server.network;

import java.io.IOException;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.Certificate;
import java.util.List;
import java.util.Objects;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.LifecycleState;
import org.apache.catalina.Service;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** The server's connections to the network beside its own on this machine. */
@Component
class Lines implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String KEY_PASSWORD = "in memory only";

  private final Limits limits;

  private @Nullable Connector own;
  private @Nullable Service service;
  private @Nullable Connector secure;
  private @Nullable Connector plain;

  Lines(Limits limits) {
    this.limits = limits;
  }

  @Override
  public void customize(TomcatServletWebServerFactory tomcat) {
    tomcat.addConnectorCustomizers(connector -> own = connector);
  }

  /**
   * Opens them. Nothing is open after a failure.
   *
   * @param plainPort 0 for no plain one
   * @throws IOException when a port is in use or the certificate cannot be used
   */
  synchronized void open(int port, int plainPort, ServerCertificate certificate)
      throws IOException {
    Connector https = new Connector();
    https.setPort(port);
    https.setScheme("https");
    https.setSecure(true);
    ((AbstractHttp11Protocol<?>) https.getProtocolHandler()).setSSLEnabled(true);
    limits.on(https);
    show(https, certificate, false);
    secure = https;
    try {
      start(https);
      if (plainPort != 0) {
        Connector trust = new Connector();
        trust.setPort(plainPort);
        limits.on(trust);
        plain = trust;
        start(trust);
      }
    } catch (IOException e) {
      close();
      throw e;
    }
  }

  /** Shows another certificate from now on; what is open stays open. */
  synchronized void show(ServerCertificate certificate) throws IOException {
    if (secure != null) {
      show(secure, certificate, true);
    }
  }

  /** Closes them; devices that are connected are cut off. */
  synchronized void close() {
    stop(secure);
    stop(plain);
    secure = null;
    plain = null;
  }

  private void start(Connector connector) throws IOException {
    if (service == null) {
      service = Objects.requireNonNull(own, "The server has not started.").getService();
    }
    // Where it cannot start the server only logs it.
    service.addConnector(connector);
    if (connector.getState() != LifecycleState.STARTED) {
      throw new IOException("Port " + connector.getPort() + " cannot be used.");
    }
  }

  private void stop(@Nullable Connector connector) {
    if (connector == null || service == null) {
      return;
    }
    try {
      service.removeConnector(connector);
      // The end of the server leaves its port bound.
      if (connector.getState() != LifecycleState.DESTROYED) {
        connector.destroy();
      }
    } catch (LifecycleException e) {
      throw new IllegalStateException("A connection cannot be closed.", e);
    }
  }

  private static void show(Connector connector, ServerCertificate shown, boolean replace)
      throws IOException {
    try {
      KeyStore store = KeyStore.getInstance("PKCS12");
      store.load(null, null);
      store.setKeyEntry(
          "shop",
          shown.key(),
          KEY_PASSWORD.toCharArray(),
          List.copyOf(shown.chain()).toArray(Certificate[]::new));
      SSLHostConfig hosts = new SSLHostConfig();
      hosts.setProtocols("TLSv1.2+TLSv1.3");
      SSLHostConfigCertificate certificate =
          new SSLHostConfigCertificate(hosts, SSLHostConfigCertificate.Type.UNDEFINED);
      certificate.setCertificateKeystore(store);
      certificate.setCertificateKeyPassword(KEY_PASSWORD);
      hosts.addCertificate(certificate);
      ((AbstractHttp11Protocol<?>) connector.getProtocolHandler()).addSslHostConfig(hosts, replace);
    } catch (GeneralSecurityException e) {
      throw new IOException("The certificate cannot be used.", e);
    }
  }
}
