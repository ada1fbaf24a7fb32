package app.geminal.server.picture;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;

/**
 * Which picture each window waits for. A window asks for one after another while something is
 * dragged, and only its last one is wanted.
 */
final class Frames {
  private static final int MOST_WINDOWS = 1000;

  private final Map<String, Long> newest =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Long> eldest) {
          return size() > MOST_WINDOWS;
        }
      };

  /**
   * A window asks for a picture.
   *
   * @param window whose it is
   * @param frame counts up
   * @return says whether the window has asked for a newer one since
   */
  BooleanSupplier asked(String window, long frame) {
    synchronized (newest) {
      newest.merge(window, frame, Math::max);
    }
    return () -> {
      synchronized (newest) {
        return newest.getOrDefault(window, frame) > frame;
      }
    };
  }
}
