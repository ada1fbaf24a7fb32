package app.geminal.server.pooling;

import app.geminal.pooling.SharedWelds;
import java.time.Instant;

/**
 * The record of another shop, as it was given.
 *
 * @param id number
 * @param name what it is called here
 * @param welds the welds
 * @param used whether it is counted with the shop's own welds
 * @param addedAt when it was added
 * @param addedBy name of the person who added it
 */
public record PooledRecord(
    long id, String name, SharedWelds welds, boolean used, Instant addedAt, String addedBy) {
  /** Whether it is another record of the same shop. */
  public boolean isOfSameShop(PooledRecord other) {
    return welds.shop().equals(other.welds.shop());
  }
}
