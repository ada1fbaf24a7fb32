package app.geminal.server.network;

import java.security.PrivateKey;
import java.security.cert.CertificateParsingException;
import java.security.cert.X509Certificate;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Objects;

/**
 * What the shop shows to devices.
 *
 * @param key its private key
 * @param chain its certificate, then those that vouch for it
 */
record ServerCertificate(PrivateKey key, List<X509Certificate> chain) {
  private static final int DNS_NAME = 2;

  ServerCertificate {
    chain = List.copyOf(chain);
  }

  X509Certificate certificate() {
    return chain.getFirst();
  }

  Instant until() {
    return certificate().getNotAfter().toInstant();
  }

  /**
   * The host names it is for; one with an asterisk is for no host by itself, and this machine needs
   * none for itself.
   */
  List<String> names() {
    try {
      Collection<List<?>> all = certificate().getSubjectAlternativeNames();
      return Objects.requireNonNullElse(all, List.<List<?>>of()).stream()
          .filter(n -> n.getFirst().equals(DNS_NAME))
          .map(n -> n.getLast().toString())
          .filter(n -> !n.contains("*") && !n.equals("localhost"))
          .toList();
    } catch (CertificateParsingException e) {
      throw new IllegalStateException("The names of the certificate cannot be read.", e);
    }
  }
}
