package app.geminal.server.stored;

import app.geminal.measurement.Measurement;

/** The sizes of a measured bar as they are stored, in plans and in the Book. */
public final class MeasuredDocument {
  private MeasuredDocument() {}

  /** Reads them. */
  public static Measurement read(DocumentReader in) {
    return new Measurement(
        in.numberOrNull("widthMm"),
        in.numberOrNull("heightMm"),
        in.numberOrNull("lengthMm"),
        in.numberOrNull("massKg"));
  }

  /** Writes them. */
  public static DocumentWriter write(Measurement measured) {
    return new DocumentWriter()
        .number("widthMm", measured.widthMm())
        .number("heightMm", measured.heightMm())
        .number("lengthMm", measured.lengthMm())
        .number("massKg", measured.massKg());
  }
}
