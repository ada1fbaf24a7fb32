package app.geminal.server.network;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Opens the shop to the devices of its own network, where its owner wants that: HTTPS on every
 * address, and a plain page that only says how to trust the shop. The certificate is renewed by
 * itself, when it ends soon and when the machine's names or addresses change.
 */
@Component
public class ShopNetwork implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final Logger LOG = LoggerFactory.getLogger(ShopNetwork.class);
  private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
  private static final char[] NO_PASSWORD = "in memory only".toCharArray();
  private static final int LOOKS_EVERY_MIN = 5;

  private final boolean open;
  private final int port;
  private final int trustPort;
  private final String folder;
  private final Limits limits;
  private final Clock clock;
  private final ScheduledExecutorService minutes =
      Executors.newSingleThreadScheduledExecutor(Thread.ofVirtual().name("certificate").factory());

  private @Nullable Authority authority;
  private @Nullable Connector secure;
  private volatile Addresses addresses = new Addresses(List.of(), List.of());
  private volatile Instant certificateUntil = Instant.MIN;

  ShopNetwork(
      @Value("${geminal.network.open}") boolean open,
      @Value("${geminal.network.port}") int port,
      @Value("${geminal.network.trust-port}") int trustPort,
      @Value("${geminal.network.folder}") String folder,
      Limits limits,
      Clock clock) {
    this.open = open;
    this.port = port;
    this.trustPort = trustPort;
    this.folder = folder;
    this.limits = limits;
    this.clock = clock;
    if (open) {
      prepare();
    }
  }

  private void prepare() {
    if (folder.isEmpty()) {
      throw new IllegalStateException(
          "geminal.network.folder is empty; the keys of the shop need a folder.");
    }
    try {
      addresses = Addresses.here();
      authority = Authority.in(Path.of(folder), "Geminal " + addresses.best(), clock);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Whether devices of the network may use the shop. */
  public boolean isOpen() {
    return open;
  }

  /** Whether a name or number, as in the address line, is one of this machine in its network. */
  public boolean isOurs(String host) {
    return open && addresses.inUrls().contains(host);
  }

  /** Every address of the shop for devices. */
  Set<String> hosts() {
    return addresses.inUrls();
  }

  /** Where devices find the shop, empty where it is not open to them. */
  public String origin() {
    return open ? "https://" + addresses.best() + ":" + port : "";
  }

  /** Where a device learns to trust the shop. */
  String trustPage() {
    return "http://" + addresses.best() + ":" + trustPort + "/";
  }

  /** The port where nothing but the page about trust is. */
  int trustPort() {
    return trustPort;
  }

  Authority authority() {
    if (authority == null) {
      throw new IllegalStateException("The shop is not open to its network.");
    }
    return authority;
  }

  /** When the certificate ends that is in use. */
  Instant certificateUntil() {
    return certificateUntil;
  }

  @Override
  public void customize(TomcatServletWebServerFactory tomcat) {
    if (!open) {
      return;
    }
    Connector https = new Connector();
    https.setPort(port);
    https.setScheme("https");
    https.setSecure(true);
    AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) https.getProtocolHandler();
    protocol.setSSLEnabled(true);
    limits.on(https);
    secure = https;
    renew(protocol, false);
    Connector trust = new Connector();
    trust.setPort(trustPort);
    limits.on(trust);
    tomcat.addAdditionalConnectors(https, trust);
    var _ =
        minutes.scheduleWithFixedDelay(
            this::look, LOOKS_EVERY_MIN, LOOKS_EVERY_MIN, TimeUnit.MINUTES);
  }

  @PreDestroy
  void end() {
    minutes.shutdownNow();
  }

  /** A laptop that was carried to another network has other addresses. */
  private void look() {
    Addresses now = Addresses.here();
    boolean moved = !now.equals(addresses) && !now.inUrls().isEmpty();
    boolean ends = certificateUntil.isBefore(clock.instant().plus(RENEWED_BEFORE));
    Connector https = secure;
    if ((moved || ends) && https != null) {
      addresses = now;
      renew((AbstractHttp11Protocol<?>) https.getProtocolHandler(), true);
      LOG.info("The certificate was renewed for {}.", now.inUrls());
    }
  }

  private void renew(AbstractHttp11Protocol<?> protocol, boolean replace) {
    try {
      Authority.Server server = authority().issue(addresses, clock.instant());
      KeyStore store = KeyStore.getInstance("PKCS12");
      store.load(null, null);
      store.setKeyEntry(
          "shop",
          server.key(),
          NO_PASSWORD,
          new Certificate[] {server.certificate(), authority().certificate()});
      SSLHostConfig hosts = new SSLHostConfig();
      hosts.setProtocols("TLSv1.2+TLSv1.3");
      SSLHostConfigCertificate certificate =
          new SSLHostConfigCertificate(hosts, SSLHostConfigCertificate.Type.EC);
      certificate.setCertificateKeystore(store);
      certificate.setCertificateKeyPassword(new String(NO_PASSWORD));
      hosts.addCertificate(certificate);
      protocol.addSslHostConfig(hosts, replace);
      certificateUntil = server.certificate().getNotAfter().toInstant();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("The certificate cannot be used.", e);
    }
  }
}
