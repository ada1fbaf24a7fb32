package app.geminal.server.removed;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what was archived or deleted. */
@Service
class RemovedItemService {
  /** No one watches further back on one page. */
  private static final int MOST = 1000;

  private final RemovedItemRepository putAway;

  RemovedItemService(RemovedItemRepository putAway) {
    this.putAway = putAway;
  }

  /** The latest first. */
  @Transactional(readOnly = true)
  public List<RemovedItem> all() {
    return putAway.latest(MOST);
  }
}
