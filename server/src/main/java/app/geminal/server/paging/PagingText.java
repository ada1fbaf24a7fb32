package app.geminal.server.paging;

import app.geminal.server.text.ServerKey;

/** What is said of paging. */
enum PagingText implements ServerKey {
  USE_LINK_HEADER_OF_PREVIOUS_PAGE;

  @Override
  public String section() {
    return "paging";
  }
}
