package app.geminal.server.schedule;

import app.geminal.finder.SearchListener;
import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Locale;
import java.util.function.LongSupplier;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reports a search to its page, one JSON object a line. When the page is gone, the next line cannot
 * be sent, and the search is called off.
 */
final class SearchStream implements SearchListener {
  private static final long LINE_EVERY = Duration.ofMillis(40).toNanos();
  private static final long WAYS_EVERY = Duration.ofMillis(800).toNanos();

  private final OutputStream out;
  private final JsonMapper json;
  private final FinderQuestion question;
  private final LongSupplier nanoTime;
  private long lastLine;
  private long lastWays;
  private boolean reportedSchedules;
  private volatile boolean isGone;

  /** Lines are written by the threads that search, which know nothing of the reader. */
  private final Locale language = LocaleContextHolder.getLocale();

  SearchStream(
      HttpServletResponse response, JsonMapper json, FinderQuestion question, LongSupplier nanoTime)
      throws IOException {
    response.setContentType("application/x-ndjson");
    response.setCharacterEncoding(StandardCharsets.UTF_8);
    this.out = response.getOutputStream();
    this.json = json;
    this.question = question;
    this.nanoTime = nanoTime;
  }

  @Override
  public boolean shouldContinue() {
    return !isGone;
  }

  @Override
  public void seen(Progress progress) {
    long now = nanoTime.getAsLong();
    boolean waysAreDue = !reportedSchedules || now - lastWays > WAYS_EVERY;
    boolean lineIsDue = now - lastLine >= LINE_EVERY;
    if (!waysAreDue && !lineIsDue) {
      return;
    }
    Census census = progress.census();
    boolean ways = waysAreDue && census.keeping() > 0;
    if (!ways && !lineIsDue) {
      return;
    }
    send(
        new SearchLine.Seen(
            progress.done(),
            progress.of(),
            SearchLine.CensusView.of(census, question),
            ways ? SearchLine.views(progress.ways(), question) : null));
    lastLine = nanoTime.getAsLong();
    if (ways) {
      reportedSchedules = true;
      lastWays = lastLine;
    }
  }

  synchronized void send(SearchLine line) {
    if (isGone) {
      return;
    }
    LocaleContext before = LocaleContextHolder.getLocaleContext();
    LocaleContextHolder.setLocale(language);
    try {
      out.write(json.writeValueAsBytes(line));
      out.write('\n');
      out.flush();
    } catch (IOException gone) {
      isGone = true;
    } finally {
      LocaleContextHolder.setLocaleContext(before);
    }
  }
}
