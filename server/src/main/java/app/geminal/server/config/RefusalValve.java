package app.geminal.server.config;

import app.geminal.units.Text;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;

/**
 * What the container refuses before the application sees it, reported as a problem document too: an
 * address that cannot be decoded, a broken request line. Tomcat makes it by its name.
 */
public final class RefusalValve extends ErrorReportValve {
  @Override
  protected void report(Request request, Response response, @Nullable Throwable failure) {
    if (response.getStatus() < 400
        || response.getContentWritten() > 0
        || !response.setErrorReported()) {
      return;
    }
    try {
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response
          .getOutputStream()
          .write(
              Text.of(
                      """
                      {"type":"urn:geminal:problem:request","title":"The request cannot be read",\
                      "status":%d,"detail":"The request was refused.","where":"",\
                      "remedy":"Check the address of the request."}\
                      """,
                      response.getStatus())
                  .getBytes(StandardCharsets.UTF_8));
      response.finishResponse();
    } catch (IOException | IllegalStateException gone) {
      // No one is there to read it.
    }
  }
}
