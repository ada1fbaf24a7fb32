package app.geminal.cli;

/** Input that cannot be used; the message says where and why. */
final class Unusable extends RuntimeException {
  private static final long serialVersionUID = 1L;

  Unusable(String message) {
    super(message);
  }
}
