package app.geminal.operation;

/** What becomes of bars under an operation. */
public sealed interface OperationResult permits Done, Impossible {}
