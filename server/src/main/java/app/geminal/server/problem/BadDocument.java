package app.geminal.server.problem;

import app.geminal.library.file.JsonFault;

/** A document that cannot be taken, with the place in it. */
public final class BadDocument extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient JsonFault fault;

  /** What is wrong, and where. */
  public BadDocument(JsonFault fault) {
    super(fault.reason().marked());
    this.fault = fault;
  }

  JsonFault fault() {
    return fault;
  }
}
