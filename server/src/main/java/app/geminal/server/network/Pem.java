package app.geminal.server.network;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.PrivateKey;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.openssl.PEMKeyPair;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;

/** Keys and certificates as text. */
final class Pem {
  private Pem() {}

  static String of(Object thing) throws IOException {
    StringWriter text = new StringWriter();
    try (JcaPEMWriter pem = new JcaPEMWriter(text)) {
      pem.writeObject(thing);
    }
    return text.toString();
  }

  /**
   * The private key in a file.
   *
   * @throws IOException when there is none, or it is locked with a password
   */
  static PrivateKey key(Path file) throws IOException {
    for (Object thing : all(file)) {
      if (thing instanceof PrivateKeyInfo key) {
        return new JcaPEMKeyConverter().getPrivateKey(key);
      }
      if (thing instanceof PEMKeyPair pair) {
        return new JcaPEMKeyConverter().getPrivateKey(pair.getPrivateKeyInfo());
      }
    }
    throw new IOException(file + " has no private key without a password.");
  }

  /**
   * The certificates in a file, in its order.
   *
   * @throws IOException when there is none
   */
  static List<X509Certificate> certificates(Path file)
      throws IOException, GeneralSecurityException {
    List<X509Certificate> found = new ArrayList<>();
    for (Object thing : all(file)) {
      if (thing instanceof X509CertificateHolder holder) {
        found.add(new JcaX509CertificateConverter().getCertificate(holder));
      }
    }
    if (found.isEmpty()) {
      throw new IOException(file + " has no certificate.");
    }
    return found;
  }

  private static List<Object> all(Path file) throws IOException {
    List<Object> all = new ArrayList<>();
    try (PEMParser pem = new PEMParser(new StringReader(Files.readString(file)))) {
      for (Object thing = pem.readObject(); thing != null; thing = pem.readObject()) {
        all.add(thing);
      }
    }
    return all;
  }
}
