package app.geminal.server.problem;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.function.LongSupplier;

/** A request whose body ends with an exception once it is too large or takes too long. */
final class LimitedRequest extends HttpServletRequestWrapper {
  private final long mostBytes;
  private final long untilNanos;
  private final LongSupplier nanoTime;

  /**
   * @param mostBytes that may be read
   * @param untilNanos when reading must be done, by {@code nanoTime}
   */
  LimitedRequest(
      HttpServletRequest request, long mostBytes, long untilNanos, LongSupplier nanoTime) {
    super(request);
    this.mostBytes = mostBytes;
    this.untilNanos = untilNanos;
    this.nanoTime = nanoTime;
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    return new Counted(super.getInputStream());
  }

  @Override
  public BufferedReader getReader() throws IOException {
    String named = getCharacterEncoding();
    Charset charset = named == null ? StandardCharsets.UTF_8 : Charset.forName(named);
    return new BufferedReader(new InputStreamReader(getInputStream(), charset));
  }

  private final class Counted extends ServletInputStream {
    private final ServletInputStream in;
    private long read;

    Counted(ServletInputStream in) {
      this.in = in;
    }

    @Override
    public int read() throws IOException {
      int one = in.read();
      count(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int most) throws IOException {
      int n = in.read(into, from, most);
      count(Math.max(0, n));
      return n;
    }

    private void count(int n) {
      read += n;
      if (read > mostBytes) {
        throw BodyRefused.tooLarge(mostBytes);
      }
      if (n > 0 && nanoTime.getAsLong() - untilNanos > 0) {
        throw BodyRefused.tooSlow();
      }
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new UnsupportedOperationException("Bodies are read by the request's own thread.");
    }
  }
}
