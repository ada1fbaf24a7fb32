package app.geminal.vision;

import app.geminal.text.MessageKey;

/** What is said of photographs. */
enum VisionText implements MessageKey {
  LINE_OFF_PICTURE,
  LINE_TOO_SHORT,
  NO_LAYERS,
  NO_END,
  LAYERS_TOO_FINE,
  NO_CARD,
  NO_PIECE,
  NO_PIECE_ALONE,
  MARKS_TOO_NEAR,
  NOTHING_TO_FIT,
  PATTERN_NOT_SEEN,
  PATTERN_NOT_CLEAR,
  PATTERN_TOO_SLOW,
  RULER_IS,
  NOT_A_CAMERA_JPEG,
  PROGRESSIVE_TOO_LARGE,
  PICTURE_TOO_LARGE,
  PICTURE_UNREADABLE;

  @Override
  public String section() {
    return "photograph";
  }

  @Override
  public String catalogue() {
    return "app.geminal.vision.vision";
  }
}
