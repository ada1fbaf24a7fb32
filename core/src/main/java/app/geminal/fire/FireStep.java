package app.geminal.fire;

import java.util.Optional;

/**
 * One step of a heat plan.
 *
 * @param heat which heat it belongs to, from 1
 * @param act what is tapped when it is done, empty for waiting until the heat is even
 * @param title a few words
 * @param how what to do and why, may hold measure marks
 * @param moment when
 */
public record FireStep(int heat, Optional<Act> act, String title, String how, String moment) {

  static FireStep of(int heat, Act act, String title, String how, String moment) {
    return new FireStep(heat, Optional.of(act), title, how, moment);
  }

  static FireStep even(int heat, String how, String moment) {
    return new FireStep(heat, Optional.empty(), "even heat", how, moment);
  }
}
