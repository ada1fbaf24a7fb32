package app.geminal.server.picture;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum PictureText implements ServerKey {
  SEVERAL_PICTURES_ARE_ALREADY_BEING_DRAWN,
  OTHER_PICTURES_ARE_ALREADY_BEING_SAVED,
  PICTURE_TOO_SLOW,
  NO_SUCH_PART;

  @Override
  public String section() {
    return "picture";
  }
}
