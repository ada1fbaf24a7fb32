package app.geminal.server.network;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.server.TestShop;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Behind a proxy of this machine; bin/test-network does it with a real one. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ProxyTest {
  private TestShop shop;

  @BeforeAll
  void open() {
    // The client of this test cannot send another Host, so the proxy's name is this machine's.
    shop = TestShop.demo("--geminal.network.proxy=https://localhost");
  }

  @AfterAll
  void close() {
    shop.close();
  }

  private HttpResponse<String> from(String device, String path, String form)
      throws IOException, InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(shop.address().resolve(path))
            .header("X-Forwarded-For", device)
            .header("X-Forwarded-Proto", "https");
    if (!form.isEmpty()) {
      request
          .header("Content-Type", "application/x-www-form-urlencoded")
          .header("X-XSRF-TOKEN", "same")
          .header("Cookie", "XSRF-TOKEN=same")
          .POST(HttpRequest.BodyPublishers.ofString(form));
    }
    return HttpClient.newHttpClient().send(request.build(), BodyHandlers.ofString());
  }

  @Test
  void cookiesAreForASafeLineAndBrowsersAreAskedToKeepToIt() throws Exception {
    HttpResponse<String> answer = from("192.168.7.30", "/api/v1/session", "");
    assertThat(answer.headers().allValues("set-cookie"))
        .isNotEmpty()
        .allMatch(c -> c.contains("Secure"));
    assertThat(answer.headers().firstValue("strict-transport-security")).isPresent();
  }

  @Test
  void theDeviceThatGuessesIsSlowedAndNoOther() throws Exception {
    int status = 401;
    for (int i = 0; i < 8 && status == 401; i++) {
      status = from("192.168.7.66", "/api/v1/sign-in", "login=wharf&password=wrong").statusCode();
    }
    assertThat(status).isEqualTo(429);
    assertThat(
            from("192.168.7.99, 192.168.7.66", "/api/v1/sign-in", "login=wharf&password=wrong")
                .statusCode())
        .as("what a device says of itself before the proxy adds its address")
        .isEqualTo(429);
    assertThat(
            from("192.168.7.31", "/api/v1/sign-in", "login=wharf&password=low-tide-forge")
                .statusCode())
        .isEqualTo(204);
  }

  @Test
  void theCardLeadsToTheProxy() {
    assertThat(shop.smith().get("/api/v1/billets/1/card").<String>at("$.link"))
        .startsWith("https://localhost/fire");
  }
}
