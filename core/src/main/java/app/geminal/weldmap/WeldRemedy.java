package app.geminal.weldmap;

import app.geminal.billet.Plan;
import app.geminal.layup.Stack;
import app.geminal.operation.SetWeld;
import app.geminal.text.Message;
import java.util.Optional;

/**
 * Something to do otherwise, tried by the model before it is offered.
 *
 * @param words what to do
 * @param chance that every joint is then sound, 0 to 1
 * @param weld the step with it done, empty where the step stays
 * @param stack the stack with it done, empty where that stays
 * @param plan the whole plan with it done
 */
public record WeldRemedy(
    Message words, double chance, Optional<SetWeld> weld, Optional<Stack> stack, Plan plan) {}
