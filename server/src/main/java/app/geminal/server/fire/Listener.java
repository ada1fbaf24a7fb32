package app.geminal.server.fire;

import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/**
 * A screen that looks at a session: what it is told waits here until its line takes it. One that
 * does not keep up is let go; it comes back and reads from where it was.
 */
final class Listener {
  private static final int MOST_WAITING = 400;

  private final BlockingQueue<Object> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
  private volatile boolean letGo;

  void tell(Object what) {
    if (!waiting.offer(what)) {
      letGo = true;
    }
  }

  /** The next thing to tell, or null when nothing came for so long. */
  @Nullable Object next(long patienceMs) throws InterruptedException {
    return waiting.poll(patienceMs, TimeUnit.MILLISECONDS);
  }

  boolean isLetGo() {
    return letGo;
  }
}
