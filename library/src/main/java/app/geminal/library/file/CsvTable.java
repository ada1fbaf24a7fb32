package app.geminal.library.file;

import org.apache.commons.csv.CSVFormat;

/** How tables that people write are read. */
public final class CsvTable {
  /** RFC 4180 with a header; blanks around a cell are not part of it. */
  public static final CSVFormat WITH_HEADER =
      CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setTrim(true).get();

  private CsvTable() {}
}
