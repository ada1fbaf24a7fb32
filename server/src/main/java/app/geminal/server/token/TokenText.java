package app.geminal.server.token;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum TokenText implements ServerKey {
  TOKEN_CANNOT_HAVE_HIGHER_RANK_THAN,
  TOO_MANY_TOKENS,
  NO_TOKEN,
  THIS_TOKEN_IS_NOT_VALID,
  TOKEN_IS_UNKNOWN_REVOKED_OR_ITS,
  CREATE_TOKEN_IN_SHOP_AND_SEND;

  @Override
  public String section() {
    return "token";
  }
}
