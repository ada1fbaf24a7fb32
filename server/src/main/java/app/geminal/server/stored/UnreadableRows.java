package app.geminal.server.stored;

import java.util.List;

/** Says which rows of its tables cannot be read. */
public interface UnreadableRows {
  /** Which kind they are. */
  Unreadable.Kind kind();

  /** Those rows, each with why. */
  List<Unreadable> unreadable();
}
