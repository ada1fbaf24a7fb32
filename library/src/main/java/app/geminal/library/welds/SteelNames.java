package app.geminal.library.welds;

import app.geminal.validation.Require;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** The steels of a weld in a file. */
final class SteelNames {
  private static final int MOST = 30;
  private static final int LONGEST = 60;

  private SteelNames() {}

  /** Sorted, each once; none where no one knows. */
  static List<String> of(@Nullable List<String> given) {
    List<String> names =
        Require.list("steels", Objects.requireNonNullElse(given, List.of()), 0, MOST);
    for (int i = 0; i < names.size(); i++) {
      Require.text("steels/" + i, names.get(i), LONGEST);
    }
    return List.copyOf(new TreeSet<>(names));
  }
}
