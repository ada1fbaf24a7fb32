package app.geminal.operation;

import app.geminal.text.MessageKey;

/** What is said of a layer count. */
public enum CountText implements MessageKey {
  GONE_SINCE,
  NOMINAL,
  THEN,
  SIDE_BY_SIDE_COUNTS,
  ACROSS_MIDDLE,
  ACROSS_AT,
  UP_MIDDLE,
  UP_AT,
  STACK,
  STACK_MERGED,
  FOLD,
  FOLDED,
  CLADDING,
  SIDE_BY_SIDE,
  ROLLED,
  TILES,
  SUM,
  ON_EDGE,
  RESTACKED,
  GROUND_AWAY,
  NONE_MERGE,
  MERGE,
  OF_JOINTS;

  @Override
  public String section() {
    return "count";
  }
}
