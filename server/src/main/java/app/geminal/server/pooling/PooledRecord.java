package app.geminal.server.pooling;

import app.geminal.evidence.WeldObservation;
import app.geminal.pooling.SharedWelds;
import java.time.Instant;
import java.util.List;

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
  /** Of all records those that are counted beside it; it takes the place of one of its shop. */
  public List<List<WeldObservation>> countedBeside(List<PooledRecord> all) {
    return all.stream()
        .filter(r -> r.used() && !r.isOfSameShop(this))
        .map(r -> r.welds.welds())
        .toList();
  }

  /** Whether it is another record of the same shop. */
  public boolean isOfSameShop(PooledRecord other) {
    return welds.shop().equals(other.welds.shop());
  }
}
