package app.geminal.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.TestShop;
import app.geminal.server.Visitor;
import app.geminal.server.Visitor.Answer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.io.IOException;
import java.io.StringReader;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class NetworkTest {
  private static final Addresses WHARF =
      new Addresses(List.of("wharf.local", "wharf"), List.of("192.168.7.20", "fd00::7"));

  private Path folder;
  private TestShop shop;
  private int port;
  private int trustPort;

  @BeforeAll
  void open(@TempDir Path disk) throws IOException {
    folder = disk;
    port = freePort();
    trustPort = freePort();
    shop =
        TestShop.demo(
            "--geminal.network.open=yes",
            "--geminal.network.folder=" + folder.resolve("shop"),
            "--geminal.network.port=" + port,
            "--geminal.network.trust-port=" + trustPort);
  }

  @AfterAll
  void close() {
    shop.close();
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  private static HttpClient trusting(X509Certificate authority) throws Exception {
    KeyStore store = KeyStore.getInstance("PKCS12");
    store.load(null, null);
    store.setCertificateEntry("authority", authority);
    TrustManagerFactory trust =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    trust.init(store);
    SSLContext tls = SSLContext.getInstance("TLS");
    tls.init(null, trust.getTrustManagers(), null);
    return HttpClient.newBuilder().sslContext(tls).build();
  }

  private static HttpResponse<String> get(HttpClient by, String url) throws Exception {
    return by.send(HttpRequest.newBuilder(URI.create(url)).build(), BodyHandlers.ofString());
  }

  private String plain(String path) {
    return "http://127.0.0.1:" + trustPort + path;
  }

  private X509Certificate authority() throws Exception {
    String pem = get(HttpClient.newHttpClient(), plain("/geminal-authority.crt")).body();
    try (PEMParser reader = new PEMParser(new StringReader(pem))) {
      return new JcaX509CertificateConverter()
          .getCertificate((X509CertificateHolder) reader.readObject());
    }
  }

  @Test
  void aDeviceThatTrustsTheShopUsesItAndOnlyThat() throws Exception {
    String session = "https://127.0.0.1:" + port + "/api/v1/session";
    HttpResponse<String> answer = get(trusting(authority()), session);
    assertThat(answer.statusCode()).isEqualTo(200);
    assertThat(answer.headers().allValues("set-cookie"))
        .isNotEmpty()
        .allMatch(c -> c.contains("Secure"));
    assertThat(answer.headers().firstValue("strict-transport-security")).isEmpty();
    assertThatThrownBy(() -> get(HttpClient.newHttpClient(), session))
        .as("a device that does not")
        .hasRootCauseInstanceOf(Exception.class)
        .isInstanceOf(SSLHandshakeException.class);
    Authority other = Authority.in(folder.resolve("other"), "Another", Clock.systemUTC());
    assertThatThrownBy(() -> get(trusting(other.certificate()), session))
        .as("a device that trusts another shop")
        .isInstanceOf(SSLHandshakeException.class);
  }

  @Test
  void thePlainPortExplainsAndDoesNothingElse() throws Exception {
    HttpClient device = HttpClient.newHttpClient();
    HttpResponse<String> page = get(device, plain("/"));
    assertThat(page.statusCode()).isEqualTo(200);
    String fingerprint = shop.smith().get("/api/v1/network").at("$.fingerprint");
    assertThat(fingerprint).matches("([0-9A-F]{2} ){31}[0-9A-F]{2}");
    String trustPage = shop.smith().get("/api/v1/network").at("$.trustPage");
    assertThat(readBack(shop.smith().get("/api/v1/network"))).isEqualTo(trustPage);
    assertThat(page.body()).contains(fingerprint, "Trust this shop", ":" + port, "/trusted.svg");
    assertThat(page.headers().firstValue("content-security-policy")).isPresent();
    for (String path : List.of("/rack", "/api/v1/session", "/api/v1/billets", "/sign-in", "//x")) {
      HttpResponse<String> answer = get(device, plain(path));
      assertThat(answer.statusCode()).as(path).isEqualTo(302);
      assertThat(answer.headers().firstValue("location")).contains("/");
      assertThat(answer.body()).isEmpty();
    }
    HttpResponse<String> posted =
        device.send(
            HttpRequest.newBuilder(URI.create(plain("/api/v1/sign-in")))
                .POST(HttpRequest.BodyPublishers.ofString("login=wharf&password=low-tide-forge"))
                .build(),
            BodyHandlers.ofString());
    assertThat(posted.statusCode()).isEqualTo(405);
    HttpResponse<String> profile = get(device, plain("/geminal.mobileconfig"));
    assertThat(profile.headers().firstValue("content-type").orElse(""))
        .startsWith("application/x-apple-aspen-config");
    assertThat(profile.body()).contains("com.apple.security.root");
  }

  /** What a phone would read. */
  private static String readBack(Answer network) throws Exception {
    int dots = network.at("$.trustCode.dots");
    BitMatrix code = new BitMatrix(dots * 4);
    Matcher dot = Pattern.compile("M(\\d+) (\\d+)h1").matcher(network.at("$.trustCode.path"));
    while (dot.find()) {
      code.setRegion(Integer.parseInt(dot.group(1)) * 4, Integer.parseInt(dot.group(2)) * 4, 4, 4);
    }
    int side = code.getWidth();
    int[] pixels = new int[side * side];
    for (int i = 0; i < pixels.length; i++) {
      pixels[i] = code.get(i % side, i / side) ? 0xFF000000 : 0xFFFFFFFF;
    }
    return new QRCodeReader()
        .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side, side, pixels))))
        .getText();
  }

  @Test
  void theCardLeadsToWhereDevicesFindTheShop() {
    String link = shop.smith().get("/api/v1/billets/1/card").at("$.link");
    String origin = shop.smith().get("/api/v1/network").at("$.origin");
    assertThat(origin).startsWith("https://").endsWith(":" + port);
    assertThat(link).startsWith(origin + "/fire?billet=1");
  }

  @Test
  void theAuthorityIsMadeOnceAndItsKeyIsTheServicesAlone() throws Exception {
    Path own = folder.resolve("once");
    Authority made = Authority.in(own, "Geminal wharf", Clock.systemUTC());
    Authority again = Authority.in(own, "Geminal wharf", Clock.systemUTC());
    assertThat(again.fingerprint()).isEqualTo(made.fingerprint());
    assertThat(
            PosixFilePermissions.toString(
                Files.getPosixFilePermissions(own.resolve("authority.key"))))
        .isEqualTo("rw-------");
    assertThat(Files.readString(own.resolve("authority.crt"))).doesNotContain("PRIVATE");
    Files.writeString(own.resolve("authority.key"), "not a key");
    assertThatThrownBy(() -> Authority.in(own, "Geminal wharf", Clock.systemUTC()))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("authority.key");
  }

  @Test
  void aCertificateIsForEveryNameAndNumberAndForAServerOnly() throws Exception {
    Authority authority = Authority.in(folder.resolve("names"), "Geminal wharf", Clock.systemUTC());
    Instant now = Instant.now();
    X509Certificate certificate = authority.issue(WHARF, now).certificate();
    certificate.verify(authority.certificate().getPublicKey());
    List<String> names = new ArrayList<>();
    certificate.getSubjectAlternativeNames().forEach(n -> names.add(String.valueOf(n.get(1))));
    assertThat(names)
        .contains("wharf.local", "wharf", "192.168.7.20", "localhost", "127.0.0.1")
        .anyMatch(n -> n.startsWith("fd00:"));
    assertThat(certificate.getBasicConstraints()).as("no authority").isEqualTo(-1);
    assertThat(certificate.getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
    assertThat(Duration.between(now, certificate.getNotAfter().toInstant()).toDays())
        .isLessThanOrEqualTo(398);
    assertThat(authority.certificate().getBasicConstraints()).isZero();
  }

  @Test
  void aLineThatBreaksIsNoMoveAndAnotherAddressIs() {
    List<String> names = WHARF.names();
    assertThat(WHARF.haveMovedTo(WHARF)).isFalse();
    assertThat(WHARF.haveMovedTo(new Addresses(names, List.of()))).isFalse();
    assertThat(WHARF.haveMovedTo(new Addresses(List.of(), List.of()))).isFalse();
    assertThat(WHARF.haveMovedTo(new Addresses(names, List.of("192.168.7.21")))).isTrue();
    assertThat(WHARF.haveMovedTo(new Addresses(List.of("barge"), WHARF.numbers()))).isTrue();
  }

  @Test
  void onlyAddressesOfOnesOwnNetworkAreUsed() throws Exception {
    for (String own : List.of("10.1.2.3", "172.20.0.9", "192.168.1.7", "fd12::1")) {
      assertThat(Addresses.isOwnNetwork(InetAddress.getByName(own))).as(own).isTrue();
    }
    for (String other : List.of("8.8.8.8", "172.32.0.1", "2001:db8::1", "fe80::1", "127.0.0.1")) {
      assertThat(Addresses.isOwnNetwork(InetAddress.getByName(other))).as(other).isFalse();
    }
    assertThat(Addresses.names("Wharf.fritz.box")).containsExactly("wharf.local", "wharf");
    assertThat(Addresses.names("bad_name<script>")).isEmpty();
    assertThat(Addresses.plain(InetAddress.getByName("fd00:0:0:0:0:0:0:2"))).isEqualTo("fd00::2");
    assertThat(Addresses.plain(InetAddress.getByName("fd00:0:0:7:0:0:0:0")))
        .isEqualTo("fd00:0:0:7::");
    assertThat(Addresses.plain(InetAddress.getByName("fd00:1:2:3:4:5:6:7")))
        .isEqualTo("fd00:1:2:3:4:5:6:7");
    assertThat(Addresses.plain(InetAddress.getByName("192.168.0.1"))).isEqualTo("192.168.0.1");
    assertThat(WHARF.best()).isEqualTo("192.168.7.20");
    assertThat(WHARF.inUrls()).contains("[fd00::7]");
  }

  @Test
  void aShopThatIsNotOpenedSaysSo() {
    try (TestShop closed = TestShop.demo()) {
      assertThat(closed.smith().get("/api/v1/network").<Boolean>at("$.open")).isFalse();
      assertThat(closed.smith().get("/api/v1/billets/1/card").<String>at("$.link"))
          .startsWith("http://");
    }
  }

  private static List<String> names(Answer network) {
    return network.at("$.hosts");
  }

  @Test
  void aDeviceSeesThatItTrustsTheShopByAPictureOnly() throws Exception {
    String mark = "https://127.0.0.1:" + port + "/trusted.svg";
    HttpResponse<String> picture = get(trusting(authority()), mark);
    assertThat(picture.headers().firstValue("content-type").orElse("")).startsWith("image/svg");
    assertThat(picture.body()).contains("This device trusts the shop.");
    assertThatThrownBy(() -> get(HttpClient.newHttpClient(), mark))
        .isInstanceOf(SSLHandshakeException.class);
    assertThat(shop.visitor().get("/trusted.svg").status()).as("beside it").isNotEqualTo(200);
  }

  @Test
  void aCodeForADeviceLeadsToTheShopForDevices() {
    Answer code = shop.smith().post("/api/v1/devices/codes", "{\"name\":\"Tablet\"}");
    String origin = shop.smith().get("/api/v1/network").at("$.origin");
    assertThat(code.<String>at("$.address")).isEqualTo(origin + "/device#" + code.at("$.code"));
  }

  @Test
  void whereTheSettingsDecideTheOwnerCannot() {
    Answer refused = shop.smith().put("/api/v1/network", "{\"open\":false}");
    assertThat(refused.status()).isEqualTo(422);
    assertThat(shop.smith().get("/api/v1/network").<Boolean>at("$.open")).isTrue();
  }

  @Test
  void theOwnerOpensAndClosesItWhileTheShopRuns() throws Exception {
    Path own = folder.resolve("chosen");
    int https = freePort();
    int plain = freePort();
    String[] settings = {
      "--geminal.network.open=chosen",
      "--geminal.network.folder=" + own,
      "--geminal.network.port=" + https,
      "--geminal.network.trust-port=" + plain
    };
    try (TestShop chosen = TestShop.demo(settings)) {
      Visitor owner = chosen.smith();
      assertThat(owner.get("/api/v1/network").<Boolean>at("$.open")).isFalse();
      assertThat(listens(https)).isFalse();
      Answer opened = owner.put("/api/v1/network", "{\"open\":true}");
      assertThat(opened.<Boolean>at("$.open")).isTrue();
      assertThat(listens(https) && listens(plain)).isTrue();
      assertThat(get(HttpClient.newHttpClient(), "http://127.0.0.1:" + plain + "/").body())
          .contains(opened.<String>at("$.fingerprint"));
      owner.put("/api/v1/network", "{\"open\":false}");
      assertThat(listens(https) || listens(plain)).isFalse();
      assertThat(own.resolve("open")).doesNotExist();
      try (ServerSocket inUse = new ServerSocket(plain)) {
        Answer refused = owner.put("/api/v1/network", "{\"open\":true}");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.<String>at("$.detail")).contains(Integer.toString(inUse.getLocalPort()));
        assertThat(listens(https)).isFalse();
      }
      assertThat(owner.put("/api/v1/network", "{\"open\":true}").<Boolean>at("$.open")).isTrue();
    }
    try (TestShop again = TestShop.demo(settings)) {
      assertThat(again.smith().get("/api/v1/network").<Boolean>at("$.open"))
          .as("still at the next start")
          .isTrue();
    }
  }

  private static boolean listens(int port) {
    try (Socket socket = new Socket()) {
      socket.connect(new InetSocketAddress("127.0.0.1", port), 2000);
      return true;
    } catch (IOException refused) {
      return false;
    }
  }

  @Test
  void aCertificateOfOnesOwnIsShownInPlaceOfTheShops() throws Exception {
    Authority maker = Authority.in(folder.resolve("maker"), "Riverside office", Clock.systemUTC());
    ServerCertificate own =
        maker.issue(new Addresses(List.of("shop.example.org"), List.of()), Instant.now());
    Path files = Files.createDirectories(folder.resolve("own"));
    Files.writeString(files.resolve("full.pem"), Pem.of(own.certificate()) + maker.pem());
    Files.writeString(files.resolve("key.pem"), Pem.of(new JcaPKCS8Generator(own.key(), null)));
    int https = freePort();
    int plain = freePort();
    try (TestShop mine =
        TestShop.demo(
            "--geminal.network.open=yes",
            "--geminal.network.folder=" + files,
            "--geminal.network.certificate=" + files.resolve("full.pem"),
            "--geminal.network.key=" + files.resolve("key.pem"),
            "--geminal.network.port=" + https,
            "--geminal.network.trust-port=" + plain)) {
      Answer network = mine.smith().get("/api/v1/network");
      assertThat(network.<String>at("$.origin")).isEqualTo("https://shop.example.org:" + https);
      assertThat(network.<String>at("$.trustPage")).isEmpty();
      assertThat(names(network)).contains("shop.example.org");
      assertThat(listens(plain)).as("nothing to trust").isFalse();
      HttpResponse<String> answer =
          get(trusting(maker.certificate()), "https://localhost:" + https + "/sign-in");
      assertThat(answer.headers().firstValue("strict-transport-security"))
          .hasValueSatisfying(v -> assertThat(v).contains("max-age=2592000"));
    }
  }

  @Test
  void settingsThatCannotWorkAreRefusedWithTheReason() {
    assertThatThrownBy(
            () -> new NetworkSettings(NetworkSettings.Open.YES, 8443, 8480, "", "", "", ""))
        .hasMessageContaining("geminal.network.folder");
    assertThatThrownBy(
            () -> new NetworkSettings(NetworkSettings.Open.NO, 8443, 8480, "", "a.pem", "", ""))
        .hasMessageContaining("belong together");
    assertThatThrownBy(() ->
            new NetworkSettings(
                NetworkSettings.Open.NO, 8443, 8480, "", "", "", "shop.example.org"))
        .hasMessageContaining("https://");
  }
}
