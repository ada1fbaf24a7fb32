package app.geminal.server.network;

import java.io.IOException;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.bouncycastle.asn1.ASN1Encodable;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x500.X500NameBuilder;
import org.bouncycastle.asn1.x500.style.BCStyle;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The shop's own authority: a device that trusts it knows the shop from every other machine. Made
 * at the first use; its key never leaves the folder.
 */
final class Authority {
  private static final String CURVE = "secp256r1";
  private static final String SIGNED = "SHA256withECDSA";
  private static final Duration LASTS = Duration.ofDays(3650);

  /** Devices refuse certificates of servers that last longer than 398 days. */
  private static final Duration SERVER_LASTS = Duration.ofDays(397);

  /** A device's clock may be a little behind. */
  private static final Duration EARLIER = Duration.ofHours(24);

  private static final SecureRandom RANDOM = new SecureRandom();

  private final PrivateKey key;
  private final X509Certificate certificate;

  private Authority(PrivateKey key, X509Certificate certificate) {
    this.key = key;
    this.certificate = certificate;
  }

  /** The one in the folder; made where there is none. */
  static Authority in(Path folder, String name, Clock clock) throws IOException {
    Path keyFile = folder.resolve("authority.key");
    Path certificateFile = folder.resolve("authority.crt");
    try {
      if (Files.exists(keyFile) && Files.exists(certificateFile)) {
        return new Authority(Pem.key(keyFile), Pem.certificates(certificateFile).getFirst());
      }
      Authority made = make(name, clock.instant());
      Files.createDirectories(folder);
      write(keyFile, Pem.of(new JcaPKCS8Generator(made.key, null)), "rw-------");
      write(certificateFile, made.pem(), "rw-r--r--");
      return made;
    } catch (GeneralSecurityException | OperatorCreationException e) {
      throw new IOException("The authority in " + folder + " cannot be used: " + e.getMessage(), e);
    }
  }

  private static Authority make(String name, Instant now)
      throws GeneralSecurityException, OperatorCreationException, IOException {
    KeyPair pair = keys();
    X500Name subject =
        new X500NameBuilder(BCStyle.INSTANCE)
            .addRDN(BCStyle.O, "Geminal")
            .addRDN(BCStyle.CN, name)
            .build();
    X509v3CertificateBuilder builder =
        new JcaX509v3CertificateBuilder(
            subject,
            serial(),
            Date.from(now.minus(EARLIER)),
            Date.from(now.plus(LASTS)),
            subject,
            pair.getPublic());
    builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
    builder.addExtension(
        Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
    builder.addExtension(
        Extension.subjectKeyIdentifier,
        false,
        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(pair.getPublic()));
    return new Authority(pair.getPrivate(), signed(builder, pair.getPrivate()));
  }

  /** A certificate for a server that is reached under these names and numbers. */
  ServerCertificate issue(Addresses addresses, Instant now) throws IOException {
    try {
      KeyPair pair = keys();
      X500Name subject =
          new X500NameBuilder(BCStyle.INSTANCE)
              .addRDN(BCStyle.O, "Geminal")
              .addRDN(BCStyle.CN, addresses.best())
              .build();
      X509v3CertificateBuilder builder =
          new JcaX509v3CertificateBuilder(
              X500Name.getInstance(certificate.getSubjectX500Principal().getEncoded()),
              serial(),
              Date.from(now.minus(EARLIER)),
              Date.from(now.plus(SERVER_LASTS)),
              subject,
              pair.getPublic());
      JcaX509ExtensionUtils identifiers = new JcaX509ExtensionUtils();
      builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
      builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
      builder.addExtension(
          Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
      builder.addExtension(
          Extension.authorityKeyIdentifier,
          false,
          identifiers.createAuthorityKeyIdentifier(certificate));
      builder.addExtension(Extension.subjectAlternativeName, false, names(addresses));
      return new ServerCertificate(pair.getPrivate(), List.of(signed(builder, key), certificate));
    } catch (GeneralSecurityException | OperatorCreationException e) {
      throw new IOException("No certificate could be made: " + e.getMessage(), e);
    }
  }

  private static GeneralNames names(Addresses addresses) {
    List<ASN1Encodable> names = new ArrayList<>();
    names.add(new GeneralName(GeneralName.dNSName, "localhost"));
    names.add(new GeneralName(GeneralName.iPAddress, "127.0.0.1"));
    addresses.names().forEach(n -> names.add(new GeneralName(GeneralName.dNSName, n)));
    addresses.numbers().forEach(n -> names.add(new GeneralName(GeneralName.iPAddress, n)));
    return GeneralNames.getInstance(
        new org.bouncycastle.asn1.DERSequence(names.toArray(ASN1Encodable[]::new)));
  }

  private static KeyPair keys() throws GeneralSecurityException {
    KeyPairGenerator maker = KeyPairGenerator.getInstance("EC");
    maker.initialize(new ECGenParameterSpec(CURVE), RANDOM);
    return maker.generateKeyPair();
  }

  private static BigInteger serial() {
    return new BigInteger(127, RANDOM).add(BigInteger.ONE);
  }

  private static X509Certificate signed(X509v3CertificateBuilder builder, PrivateKey by)
      throws GeneralSecurityException, OperatorCreationException {
    return new JcaX509CertificateConverter()
        .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED).build(by)));
  }

  /** What devices are given to trust. */
  X509Certificate certificate() {
    return certificate;
  }

  /** The same as text. */
  String pem() throws IOException {
    return Pem.of(certificate);
  }

  /** What both sides show, to see that a device was given this one: SHA-256, in pairs. */
  String fingerprint() throws IOException {
    try {
      byte[] sum = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
      return HexFormat.ofDelimiter(" ").formatHex(sum).toUpperCase(Locale.ROOT);
    } catch (GeneralSecurityException e) {
      throw new IOException(e);
    }
  }

  /** The day it ends. */
  Instant until() {
    return certificate.getNotAfter().toInstant().truncatedTo(ChronoUnit.SECONDS);
  }

  /** Beside its place first, and never readable by others for a moment. */
  private static void write(Path file, String text, String permissions) throws IOException {
    Path part = file.resolveSibling(file.getFileName() + ".part");
    Files.deleteIfExists(part);
    Files.createFile(
        part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
    Files.writeString(part, text, StandardCharsets.US_ASCII);
    Files.setPosixFilePermissions(part, PosixFilePermissions.fromString(permissions));
    Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }
}
