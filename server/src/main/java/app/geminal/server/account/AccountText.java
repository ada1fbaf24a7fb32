package app.geminal.server.account;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum AccountText implements ServerKey {
  SIGN_IN_NAME,
  SIGN_IN_NAME_TAKEN,
  PASSWORD_TOO_LONG,
  PASSWORD_TOO_SHORT,
  THERE_IS_NO_OTHER_OWNER,
  NO_PERSON,
  THIS_SHOP_ALREADY_HAS_OWNER,
  THIS_IS_NOT_CODE_PRINTED,
  THIS_IS_NOT_YOUR_PASSWORD,
  SEVERAL_OF_YOUR_REQUESTS_ARE_ALREADY,
  TOO_MANY_SCREENS_ARE_FOLLOWING_SESSIONS,
  TOO_MANY_WRONG_ATTEMPTS,
  THERE_WERE_TOO_MANY_ATTEMPTS,
  WAIT_THEN_TRY;

  @Override
  public String section() {
    return "account";
  }
}
