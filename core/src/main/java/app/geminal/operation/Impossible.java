package app.geminal.operation;

import app.geminal.text.Message;

/**
 * The bar at hand does not allow the step.
 *
 * @param field of the operation that is at fault, empty when it is the step itself
 * @param reason rule and value in a sentence
 * @param remedy what to change
 */
public record Impossible(String field, Message reason, Message remedy) implements OperationResult {}
