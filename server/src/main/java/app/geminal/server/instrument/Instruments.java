package app.geminal.server.instrument;

import app.geminal.server.problem.NotFound;
import app.geminal.server.shop.ShopService;
import app.geminal.simulator.SimulatedBench;
import app.geminal.text.Message;
import jakarta.annotation.PreDestroy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's instruments and the lines to them. */
@Service
public class Instruments {
  private final InstrumentRepository instruments;
  private final ShopService shops;
  private final AllowedNetworks reach;
  private final Map<Long, InstrumentLine> lines = new LinkedHashMap<>();
  private boolean read;
  private @Nullable SimulatedBench bench;

  Instruments(InstrumentRepository instruments, ShopService shops, AllowedNetworks reach) {
    this.reach = reach;
    this.instruments = instruments;
    this.shops = shops;
  }

  /**
   * An instrument, and what it says now.
   *
   * @param id number
   * @param instrument the instrument as it is set up
   * @param address where it is asked; the simulated bench's own port, which is another at each
   *     start
   * @param value its reading now, null where there is none
   * @param state what the instrument does now
   */
  public record InstrumentView(
      long id, Instrument instrument, String address, @Nullable Double value, Message state) {}

  /** All of them. */
  @Transactional(readOnly = true)
  public List<InstrumentView> all() {
    return instruments.all().stream().map(k -> viewOf(k.id(), k.instrument())).toList();
  }

  private synchronized InstrumentView viewOf(long id, Instrument instrument) {
    InstrumentLine line = lines.get(id);
    InstrumentState said = line == null ? InstrumentState.NOTHING : line.look();
    return new InstrumentView(
        id,
        instrument,
        address(instrument),
        Double.isNaN(said.value()) ? null : said.value(),
        instrument.switched() ? said.state().words() : InstrumentText.SWITCHED_OFF.with());
  }

  private String address(Instrument i) {
    if (!i.isSimulated()) {
      return i.host() + ":" + i.port();
    }
    return bench == null ? "not started yet" : "127.0.0.1:" + bench.port();
  }

  /** One more. */
  @Transactional
  public InstrumentView add(Instrument instrument) {
    reach.require(instrument);
    long id = instruments.add(instrument);
    reread();
    return viewOf(id, instrument);
  }

  /** Another address, or switched on or off. */
  @Transactional
  public InstrumentView change(long id, Instrument instrument) {
    reach.require(instrument);
    if (!instruments.change(id, instrument)
        && instruments.all().stream().noneMatch(k -> k.id() == id)) {
      throw missing(id);
    }
    reread();
    return viewOf(id, instrument);
  }

  /** One less. */
  @Transactional
  public void remove(long id) {
    if (!instruments.remove(id)) {
      throw missing(id);
    }
    reread();
  }

  private static NotFound missing(long id) {
    return new NotFound(InstrumentText.NO_INSTRUMENT.with("number", id));
  }

  private synchronized void reread() {
    read = false;
  }

  /** Asks every instrument; answers come in by themselves. */
  public void ask(double nowS) {
    lines().forEach(l -> l.ask(nowS));
  }

  private synchronized List<InstrumentLine> lines() {
    if (!read) {
      Map<Long, Instrument> wanted = new LinkedHashMap<>();
      instruments.all().stream()
          .filter(k -> k.instrument().switched())
          .forEach(k -> wanted.put(k.id(), k.instrument()));
      lines
          .entrySet()
          .removeIf(e -> {
            boolean gone = !e.getValue().instrument().equals(wanted.get(e.getKey()));
            if (gone) {
              e.getValue().close();
            }
            return gone;
          });
      wanted.forEach(
          (id, i) -> lines.computeIfAbsent(id, _ -> new InstrumentLine(i, reach, this::simulated)));
      read = true;
    }
    return List.copyOf(lines.values());
  }

  /** What the first instrument of a channel says that can be believed, else what any says. */
  public InstrumentState said(Channel channel) {
    List<InstrumentState> all =
        lines().stream()
            .filter(l -> l.instrument().channel() == channel)
            .map(InstrumentLine::said)
            .toList();
    return all.stream()
        .filter(InstrumentState::isGood)
        .findFirst()
        .or(() -> all.stream().findFirst())
        .orElse(InstrumentState.NOTHING);
  }

  /** The simulated bench, started at the first call. */
  private synchronized SimulatedBench simulated() {
    if (bench == null) {
      bench =
          new SimulatedBench(
              Objects.requireNonNullElseGet(
                  shops.shop().press(),
                  () -> Objects.requireNonNull(app.geminal.shop.Shop.common().press())));
    }
    return bench;
  }

  /** The simulated bench where an instrument is on it. */
  public synchronized Optional<SimulatedBench> bench() {
    return Optional.ofNullable(bench);
  }

  @PreDestroy
  synchronized void close() {
    lines.values().forEach(InstrumentLine::close);
    if (bench != null) {
      bench.close();
    }
  }
}
