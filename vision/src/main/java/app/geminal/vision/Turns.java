package app.geminal.vision;

import java.util.Arrays;

/**
 * Where brightness along a line turns from rising to falling and back, small turns left out: those
 * whose swing is below a threshold are taken out, the smallest first, so that a ripple on a slope
 * is left out and the slope stays.
 */
final class Turns {
  private final float[] tones;
  private final double[] least;
  private final int[] places;
  private int count;

  private Turns(float[] tones, double[] least) {
    this.tones = tones;
    this.least = least;
    places = new int[tones.length + 1];
  }

  /**
   * The places, in order; the first and the last sample are among them.
   *
   * @param least swing that counts, by place
   */
  static int[] of(float[] tones, double[] least) {
    Turns turns = new Turns(tones, least);
    turns.all();
    while (turns.count > 2) {
      int smallest = turns.smallest();
      if (smallest < 0) {
        break;
      }
      turns.take(smallest);
    }
    return Arrays.copyOf(turns.places, turns.count);
  }

  private void all() {
    places[count++] = 0;
    int rising = 0;
    for (int i = 1; i < tones.length; i++) {
      int now = Float.compare(tones[i], tones[i - 1]);
      if (now != 0) {
        if (rising != 0 && now != rising) {
          places[count++] = i - 1;
        }
        rising = now;
      }
    }
    places[count++] = tones.length - 1;
  }

  /** The swing that counts least, −1 where all of them count. */
  private int smallest() {
    int smallest = -1;
    double ratio = 1;
    for (int k = 0; k + 1 < count; k++) {
      double swing =
          Math.abs(tones[places[k + 1]] - tones[places[k]])
              / least[(places[k] + places[k + 1]) / 2];
      if (swing < ratio) {
        ratio = swing;
        smallest = k;
      }
    }
    return smallest;
  }

  /** Takes a swing out; the ends stay, and what is no turn any more is taken out with it. */
  private void take(int swing) {
    if (swing + 1 < count - 1) {
      remove(swing + 1);
    }
    if (swing > 0) {
      remove(swing);
    }
    int k = Math.max(1, swing - 1);
    while (k <= swing + 1 && k < count - 1) {
      float before = tones[places[k]] - tones[places[k - 1]];
      float after = tones[places[k + 1]] - tones[places[k]];
      if (before * after >= 0) {
        remove(k);
      } else {
        k++;
      }
    }
  }

  private void remove(int k) {
    System.arraycopy(places, k + 1, places, k, count - k - 1);
    count--;
  }
}
