package app.geminal.server.account;

/** Someone tries passwords or codes too fast. */
class TooManyGuesses extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final long seconds;

  TooManyGuesses(long seconds) {
    super("too many wrong tries");
    this.seconds = seconds;
  }

  long seconds() {
    return seconds;
  }
}
