package app.geminal.server.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.geminal.bar.Bars;
import app.geminal.finder.SearchListener;
import app.geminal.layers.LayerSequence;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.Census;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentMatchers;
import org.mockito.Mockito;
import tools.jackson.databind.json.JsonMapper;

class SearchStreamTest {
  private final ServletOutputStream out = mock(ServletOutputStream.class);
  private long now;

  private SearchStream telling() throws IOException {
    HttpServletResponse response = mock(HttpServletResponse.class);
    when(response.getOutputStream()).thenReturn(out);
    FinderQuestion question =
        new FinderQuestion(
            new LayerTarget.Near(300, 0.05, CountKind.VISIBLE),
            new StartingSteel.Bar(Bars.level(1, 40, 200, LayerSequence.band("D", 20), 1, false)),
            new FinishedBar(38, 6, 300),
            Bounds.full(),
            null,
            List.of(),
            24,
            SearchLimits.of(Shop.common()));
    return new SearchStream(response, JsonMapper.builder().build(), question, () -> now);
  }

  private static SearchListener.Progress progress() {
    return new SearchListener.Progress() {
      @Override
      public int done() {
        return 1;
      }

      @Override
      public int of() {
        return 9;
      }

      @Override
      public List<RankedSchedule> ways() {
        return List.of();
      }

      @Override
      public Census census() {
        return new Census(0, 0, 0, 0, List.of());
      }
    };
  }

  @Test
  void aPageThatIsGoneEndsTheSearch() throws IOException {
    SearchStream telling = telling();
    assertThat(telling.shouldContinue()).isTrue();
    doThrow(new IOException("gone")).when(out).flush();
    now += 1_000_000_000L;
    telling.seen(progress());
    assertThat(telling.shouldContinue()).isFalse();
  }

  @Test
  void progressIsReportedNotTooOften() throws IOException {
    SearchStream telling = telling();
    for (int i = 0; i < 100; i++) {
      now += 1_000_000L;
      telling.seen(progress());
    }
    Mockito.verify(out, Mockito.times(2)).write(ArgumentMatchers.<byte[]>any());
  }
}
