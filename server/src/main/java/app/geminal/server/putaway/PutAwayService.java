package app.geminal.server.putaway;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what was archived or deleted. */
@Service
class PutAwayService {
  /** Nobody looks further back on one page. */
  private static final int MOST = 1000;

  private final PutAwayRepository putAway;

  PutAwayService(PutAwayRepository putAway) {
    this.putAway = putAway;
  }

  /** The latest first. */
  @Transactional(readOnly = true)
  public List<PutAway> all() {
    return putAway.latest(MOST);
  }
}
