package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.text.Message;
import java.util.Set;

/**
 * What became of the layers in a step that laid faces together.
 *
 * @param before the bars before it
 * @param after the bars after it, as measured where they were
 * @param joints new joints in each bar
 * @param merged how many visible layers each bar has fewer because touching faces are of one steel
 * @param gone how many whole visible layers grinding took off before faces met
 * @param meeting steels of which two faces met
 */
public record Laying(
    Bars before, Bars after, int joints, long merged, long gone, Set<String> meeting) {

  long visible() {
    return after.visibleCount();
  }

  /** Something, what it adds up to, and how many layers merge. */
  Message sum(Message what) {
    return CountText.SUM.with(
        "what", what, "sum", visible() + merged, "merged", merged, "visible", visible());
  }

  /** Its joints, all of them or so many. */
  public Message ofJoints() {
    return CountText.OF_JOINTS.with("joints", joints, "all", merged == joints, "merged", merged);
  }
}
