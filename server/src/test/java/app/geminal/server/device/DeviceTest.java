package app.geminal.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor;
import app.geminal.server.Visitor.Answer;
import app.geminal.server.account.Accounts;
import app.geminal.server.account.GuessLimiter;
import app.geminal.server.account.Rank;
import app.geminal.units.Units;
import com.github.benmanes.caffeine.cache.Ticker;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class DeviceTest extends ShopTest {
  private static final String PASSWORD = "five brass rivets";
  private int people;
  private String login;
  private Visitor striker;

  @BeforeEach
  void letIn() {
    login = "tongs" + ++people;
    shop.bean(Accounts.class).add(login, "Striker", PASSWORD, Units.METRIC, Rank.APPRENTICE);
    striker = shop.visitor();
    striker.signIn(login, PASSWORD);
  }

  private static String code(Visitor who, String name) {
    return who.post("/api/v1/devices/codes", "{\"name\":\"" + name + "\"}").at("$.code");
  }

  private static Answer enter(Visitor device, String code) {
    Answer answer = device.post("/api/v1/devices/sign-in", "{\"code\":\"" + code + "\"}");
    device.get("/api/v1/session");
    return answer;
  }

  private Visitor paired(String name) {
    Visitor device = shop.visitor();
    assertThat(enter(device, code(striker, name)).status()).isEqualTo(204);
    return device;
  }

  @Test
  void aCodeSignsADeviceInAsItsPersonAndIsUsedUp() {
    String code = code(striker, "Tablet at the forge");
    assertThat(code).matches("\\d{8}");
    Visitor tablet = shop.visitor();
    assertThat(enter(tablet, code.substring(0, 4) + " " + code.substring(4)).status())
        .isEqualTo(204);
    assertThat(tablet.get("/api/v1/session").<String>at("$.login")).isEqualTo(login);
    assertThat(tablet.get("/api/v1/session").<String>at("$.rank")).isEqualTo("APPRENTICE");
    assertThat(tablet.put("/api/v1/settings", "{\"units\":{\"system\":\"INCH\"}}").status())
        .as("the page's token works after it")
        .isEqualTo(200);
    Answer again = enter(shop.visitor(), code);
    assertThat(again.status()).isEqualTo(422);
    assertThat(again.<String>at("$.detail")).contains("This code is not valid");
  }

  @Test
  void anEarlierCodeEnds() {
    String first = code(striker, "Phone");
    code(striker, "Phone");
    assertThat(enter(shop.visitor(), first).status()).isEqualTo(422);
  }

  @Test
  void aDeviceIsListedAndShutOutAtOnce() {
    Visitor tablet = paired("Tablet at the forge");
    Visitor phone = paired("Phone at the saw");
    Answer list = striker.get("/api/v1/devices");
    assertThat(list.<List<String>>at("$[*].name"))
        .containsExactlyInAnyOrder("Tablet at the forge", "Phone at the saw");
    assertThat(phone.get("/api/v1/devices").<List<Boolean>>at("$[?(@.here == true)].here"))
        .hasSize(1);
    String id = list.<List<String>>at("$[?(@.name == 'Tablet at the forge')].id").getFirst();
    assertThat(striker.post("/api/v1/devices/" + id + "/shut-out", "").status()).isEqualTo(204);
    assertThat(tablet.get("/api/v1/billets").status()).isEqualTo(401);
    assertThat(phone.get("/api/v1/billets").status()).isEqualTo(200);
    assertThat(striker.post("/api/v1/devices/" + id + "/shut-out", "").status()).isEqualTo(404);
  }

  @Test
  void anOwnerSeesEveryonesAndOthersOnlyTheirOwn() {
    Visitor tablet = paired("Tablet of " + login);
    assertThat(smith.get("/api/v1/devices").<List<String>>at("$[*].name"))
        .contains("Tablet of " + login);
    shop.bean(Accounts.class).add("other" + people, "Other", PASSWORD, Units.METRIC, Rank.SMITH);
    Visitor other = shop.visitor();
    other.signIn("other" + people, PASSWORD);
    assertThat(other.get("/api/v1/devices").<List<String>>at("$[*].name")).isEmpty();
    String id = striker.get("/api/v1/devices").<List<String>>at("$[*].id").getFirst();
    assertThat(other.post("/api/v1/devices/" + id + "/shut-out", "").status()).isEqualTo(404);
    assertThat(tablet.get("/api/v1/billets").status()).isEqualTo(200);
    assertThat(smith.post("/api/v1/devices/" + id + "/shut-out", "").status()).isEqualTo(204);
    assertThat(tablet.get("/api/v1/billets").status()).isEqualTo(401);
  }

  @Test
  void someoneWhoIsBlockedHasNoCodeAndNoDevice() {
    Visitor tablet = paired("Tablet");
    String code = code(striker, "Phone");
    Accounts accounts = shop.bean(Accounts.class);
    accounts.change(accounts.id(login), Rank.APPRENTICE, false);
    assertThat(tablet.get("/api/v1/billets").status()).isEqualTo(401);
    assertThat(enter(shop.visitor(), code).status()).isEqualTo(422);
  }

  @Test
  void guessingIsSlowed() {
    Visitor guesser = shop.visitor();
    int status = 422;
    for (int i = 0; i < 8 && status == 422; i++) {
      status = enter(guesser, "0000000" + i).status();
    }
    assertThat(status).isEqualTo(429);
    assertThat(striker.get("/api/v1/billets").status()).isEqualTo(200);
    shop.bean(GuessLimiter.class).right("device code", "127.0.0.1");
  }

  @Test
  void aCodeEndsAfterTenMinutes() {
    AtomicLong nanos = new AtomicLong();
    Ticker ticker = nanos::get;
    DeviceCodes codes = new DeviceCodes(Clock.systemUTC(), ticker);
    String early = codes.make("wharf", "Tablet").digits();
    nanos.set(DeviceCodes.VALID.minus(Duration.ofSeconds(1)).toNanos());
    assertThat(codes.use(early)).get().extracting(DeviceCodes.Code::login).isEqualTo("wharf");
    String late = codes.make("wharf", "Tablet").digits();
    nanos.addAndGet(DeviceCodes.VALID.toNanos());
    assertThat(codes.use(late)).isEmpty();
  }
}
