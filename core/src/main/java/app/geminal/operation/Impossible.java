package app.geminal.operation;

/**
 * The bar at hand does not allow the step.
 *
 * @param field of the operation that is at fault, empty when it is the step itself
 * @param reason rule and value in a sentence; may hold measure marks
 * @param remedy what to change
 */
public record Impossible(String field, String reason, String remedy) implements OperationResult {}
