package app.geminal.ledger;

/** Steel that left the bar in one step, and why. */
public record Loss(LossKind kind, Amount amount) {}
