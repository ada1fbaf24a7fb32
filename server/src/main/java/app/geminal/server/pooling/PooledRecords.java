package app.geminal.server.pooling;

import app.geminal.evidence.WeldObservation;
import app.geminal.pooling.SharedWelds;
import app.geminal.server.account.Accounts;
import app.geminal.server.problem.NotFound;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the records of other shops. A record is counted only after someone said so. */
@Service
public class PooledRecords {
  private static final int MOST = 100;

  private final PooledRecordRepository records;
  private final Accounts accounts;
  private final Clock clock;

  PooledRecords(PooledRecordRepository records, Accounts accounts, Clock clock) {
    this.records = records;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** All that were not removed, newest first. */
  @Transactional(readOnly = true)
  public List<PooledRecord> all() {
    return records.all();
  }

  /** Those that are counted, each a list. */
  @Transactional(readOnly = true)
  public List<List<WeldObservation>> used() {
    return records.all().stream()
        .filter(PooledRecord::used)
        .map(record -> record.welds().welds())
        .toList();
  }

  /** Changes whenever other records are counted. */
  @Transactional(readOnly = true)
  public String state() {
    return records.state();
  }

  /** One, removed or not. */
  @Transactional(readOnly = true)
  public PooledRecord get(long id) {
    return records
        .find(id)
        .orElseThrow(() -> new NotFound(PoolingText.NO_RECORD.with("number", id)));
  }

  /**
   * Keeps a record; it is not counted yet.
   *
   * @param name what it is called here, at most 120 characters
   * @throws InvalidValue when there are too many already
   */
  @Transactional
  public PooledRecord add(String name, SharedWelds welds, String login) {
    if (records.count() >= MOST) {
      throw new InvalidValue("", PoolingText.TOO_MANY_RECORDS.with("most", MOST));
    }
    return get(
        records.add(Require.text("name", name, 120), welds, clock.instant(), accounts.id(login)));
  }

  /** Counts a record in the place of an earlier one of its shop, or counts it no more. */
  @Transactional
  public void setUsed(long id, boolean used) {
    PooledRecord record =
        records.all().stream()
            .filter(r -> r.id() == id)
            .findFirst()
            .orElseThrow(() -> new NotFound(PoolingText.NO_RECORD.with("number", id)));
    records.setUsed(record, used);
  }

  /** Removes a record. */
  @Transactional
  public void delete(long id) {
    get(id);
    records.setDeleted(id, true);
  }

  /** Brings a record back, counted as before if no other of its shop is counted by now. */
  @Transactional
  public void restore(long id) {
    PooledRecord record = get(id);
    if (records.all().stream().anyMatch(r -> r.used() && r.id() != id && r.isOfSameShop(record))) {
      records.setUsed(record, false);
    }
    records.setDeleted(id, false);
  }

  /** What this shop is called in files for others. */
  @Transactional
  public String ownCode() {
    return records.code(UUID.randomUUID().toString());
  }
}
