package app.geminal.server.config;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum ConfigText implements ServerKey {
  THIS_SHOP_HAS_ANOTHER_NAME,
  SHOP_DOES_NOT_ANSWER_UNDER,
  USE_ADDRESS_BIN_START_PRINTS,
  NOT_FROM_THIS_PAGE,
  CHANGE_CAME_FROM_PAGE_OF_ANOTHER,
  OPEN_SHOP_IN_ITS_OWN_PAGE,
  WRONG_NAME_OR_PASSWORD,
  NAME_OR_PASSWORD_IS_WRONG,
  CHECK_BOTH_AND_TRY_AGAIN,
  NOT_SIGNED_IN,
  SIGN_IN_TO_DO_THIS,
  SIGN_IN_AND_TRY_AGAIN;

  @Override
  public String section() {
    return "config";
  }
}
