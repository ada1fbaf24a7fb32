package app.geminal.schedule;

/** Where candidates go. Not for threads. */
interface Shortlist {
  /** Whether a candidate of such a cost need not be made. */
  boolean isBeaten(Cost cost);

  void add(Candidate candidate);
}
