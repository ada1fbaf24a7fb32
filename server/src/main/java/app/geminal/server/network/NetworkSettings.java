package app.geminal.server.network;

import java.net.URI;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How the shop may be reached from other machines.
 *
 * @param open whether devices of the shop's own network may use it
 * @param port for them, HTTPS
 * @param trustPort plain HTTP that says only how to trust the shop
 * @param folder for keys and certificates, empty for none
 * @param certificate file with a certificate of one's own and those that vouch for it (PEM); empty
 *     for one of the shop's own authority
 * @param key file with its private key (PEM, without a password)
 * @param proxy address under which a proxy on this machine offers the shop, such as {@code
 *     https://shop.example.org}; empty for none
 */
@ConfigurationProperties("geminal.network")
record NetworkSettings(
    Open open,
    int port,
    int trustPort,
    String folder,
    String certificate,
    String key,
    String proxy) {

  /** Who decides. */
  enum Open {
    /** It is open. */
    YES,
    /** It is closed. */
    NO,
    /** The owner decides in the Shop page. */
    CHOSEN
  }

  NetworkSettings {
    if (open != Open.NO && folder.isEmpty()) {
      throw new IllegalArgumentException(
          "geminal.network.folder is empty; the keys of the shop need a folder.");
    }
    if (certificate.isEmpty() != key.isEmpty()) {
      throw new IllegalArgumentException(
          "geminal.network.certificate and geminal.network.key belong together; set both or none.");
    }
    if (!proxy.isEmpty() && !proxy.matches("https://[A-Za-z0-9.-]+(:\\d{1,5})?")) {
      throw new IllegalArgumentException(
          "geminal.network.proxy must be like https://shop.example.org, without a path.");
    }
  }

  Path folderPath() {
    return Path.of(folder);
  }

  boolean hasOwnCertificate() {
    return !certificate.isEmpty();
  }

  Optional<String> proxyHost() {
    return proxy.isEmpty() ? Optional.empty() : Optional.of(URI.create(proxy).getHost());
  }
}
