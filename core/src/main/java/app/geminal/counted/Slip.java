package app.geminal.counted;

import app.geminal.billet.Plan;
import app.geminal.text.Message;

/**
 * One thing that may have been done otherwise than planned.
 *
 * @param stage after which it happened; 0 is the stack
 * @param words that say it
 * @param plan as it was worked then
 * @param layers visible in that case, at the stage that was counted
 */
public record Slip(int stage, Message words, Plan plan, long layers) {}
