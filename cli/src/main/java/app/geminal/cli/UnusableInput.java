package app.geminal.cli;

/** Input that cannot be used; the message says where and why. */
final class UnusableInput extends RuntimeException {
  private static final long serialVersionUID = 1L;

  UnusableInput(String message) {
    super(message);
  }
}
