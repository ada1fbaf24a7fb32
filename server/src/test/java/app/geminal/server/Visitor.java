package app.geminal.server;

import com.jayway.jsonpath.JsonPath;
import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;

/** A browser without a screen: keeps cookies and echoes the page's token. */
public final class Visitor {
  private final URI shop;
  private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

  private String language = "en";

  Visitor(URI shop) {
    this.shop = shop;
    get("/api/v1/session");
  }

  /** An answer and what its body says. */
  public record Answer(int status, HttpResponse<String> raw) {
    public <T> T at(String path) {
      return JsonPath.read(raw.body(), path);
    }

    public double number(String path) {
      return this.<Number>at(path).doubleValue();
    }

    /** All values of a header. */
    public String header(String name) {
      return String.join("; ", raw.headers().allValues(name));
    }

    public String body() {
      return raw.body();
    }
  }

  public Answer signIn(String login, String password) {
    Map<String, String> fields = new LinkedHashMap<>();
    fields.put("login", login);
    fields.put("password", password);
    Answer answer =
        send(
            request("/api/v1/sign-in")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(TestShop.form(fields))));
    get("/api/v1/session");
    return answer;
  }

  public Answer get(String path) {
    return send(request(path).GET());
  }

  /** Reads an answer that comes a line at a time, as it comes. */
  public Stream<String> lines(String path) {
    try {
      return http.send(request(path).GET().build(), BodyHandlers.ofLines()).body();
    } catch (IOException e) {
      throw TestShop.unchecked(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  public Answer post(String path, String json) {
    return send("POST", path, "application/json", BodyPublishers.ofString(json));
  }

  public Answer put(String path, String json) {
    return send("PUT", path, "application/json", BodyPublishers.ofString(json));
  }

  public Answer send(String method, String path, String type, BodyPublisher body) {
    return send(request(path).header("Content-Type", type).method(method, body));
  }

  /** Posts as someone who has the owner code from the console. */
  public Answer withCode(String code, String path, String type, BodyPublisher body) {
    return send(request(path).header("Owner-Code", code).header("Content-Type", type).POST(body));
  }

  /** As a script would: by its own token, without cookies or the page's token. */
  public Answer script(String secret, String method, String path, String json) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(shop.resolve(path))
            .header("Authorization", "Bearer " + secret)
            .header("Content-Type", "application/json")
            .method(method, BodyPublishers.ofString(json));
    return send(HttpClient.newHttpClient(), request);
  }

  /** Posts without the page's token. */
  public Answer forge(String path, String json) {
    return send(
        HttpRequest.newBuilder(shop.resolve(path))
            .header("Content-Type", "application/json")
            .POST(BodyPublishers.ofString(json)));
  }

  /** Posts as a page of another site would. */
  public Answer from(String origin, String path) {
    return send(request(path).header("Origin", origin).POST(HttpRequest.BodyPublishers.noBody()));
  }

  /** Posts under an id of its own. */
  public Answer once(String id, String path, String json) {
    return send(
        request(path)
            .header("Content-Type", "application/json")
            .header("Request-Id", id)
            .POST(BodyPublishers.ofString(json)));
  }

  /** The page's token. */
  public String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  /** Asks for texts in this language from now on. */
  public void reads(String language) {
    this.language = language;
  }

  private HttpRequest.Builder request(String path) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(shop.resolve(path)).header("Accept-Language", language);
    if (!token().isEmpty()) {
      request.header("X-XSRF-TOKEN", token());
    }
    return request;
  }

  private Answer send(HttpRequest.Builder request) {
    return send(http, request);
  }

  private static Answer send(HttpClient http, HttpRequest.Builder request) {
    try {
      HttpResponse<String> response = http.send(request.build(), BodyHandlers.ofString());
      Contract.holds(response);
      return new Answer(response.statusCode(), response);
    } catch (IOException e) {
      throw TestShop.unchecked(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
