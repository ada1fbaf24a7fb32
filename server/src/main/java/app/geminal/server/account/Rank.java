package app.geminal.server.account;

/** What someone may do in the shop; each may do all that those before it may. */
public enum Rank {
  /** Reads. */
  GUEST,
  /** Rehearses and logs; plans are not theirs to change. */
  APPRENTICE,
  /** Plans, changes the shop, edits the Book. */
  SMITH,
  /** Lets people in and takes the whole shop out. */
  OWNER;

  /** Whether this may do what is asked of that. */
  public boolean isAtLeast(Rank that) {
    return compareTo(that) >= 0;
  }
}
