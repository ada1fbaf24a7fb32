package app.geminal.server.paging;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum PagingText implements ServerKey {
  USE_LINK_HEADER_OF_PREVIOUS_PAGE;

  @Override
  public String section() {
    return "paging";
  }
}
