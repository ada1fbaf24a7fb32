package app.geminal.library.file;

/** A document that cannot be taken. */
public final class RefusedFile extends Exception {
  private static final long serialVersionUID = 1L;
  private final transient JsonFault fault;

  RefusedFile(JsonFault fault) {
    super(fault.pointer() + " " + fault.reason().marked());
    this.fault = fault;
  }

  /** What is wrong, and where. */
  public JsonFault fault() {
    return fault;
  }
}
