package app.geminal.server.session;

import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/**
 * A screen that looks at a session: what it receives waits here until its line takes it. One that
 * does not keep up is let go; it comes back and reads from where it was.
 */
final class Listener {
  private static final int MOST_WAITING = 400;

  /** Wakes the line up, so that it ends at once. */
  private static final Object END = new Object();

  private final BlockingQueue<Object> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
  private final String signInId;
  private volatile boolean letGo;

  /**
   * @param signInId the sign-in it listens under
   */
  Listener(String signInId) {
    this.signInId = signInId;
  }

  String signInId() {
    return signInId;
  }

  /** Ends it; nothing that waits is sent any more. */
  void letGo() {
    letGo = true;
    waiting.clear();
    var _ = waiting.offer(END);
  }

  void send(Object what) {
    if (!waiting.offer(what)) {
      letGo = true;
    }
  }

  /** The next thing to report, or null when nothing came for so long. */
  @Nullable Object next(long patienceMs) throws InterruptedException {
    Object what = waiting.poll(patienceMs, TimeUnit.MILLISECONDS);
    return letGo ? null : what;
  }

  boolean isLetGo() {
    return letGo;
  }
}
