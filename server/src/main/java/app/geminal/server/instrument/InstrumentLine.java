package app.geminal.server.instrument;

import app.geminal.instrument.SensorMonitor;
import app.geminal.instrument.SensorState;
import app.geminal.simulator.SimulatedBench;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersResponse;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadInputRegistersResponse;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import java.time.Duration;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/**
 * The line to one instrument: asks without waiting, and keeps what was answered last. A line that
 * breaks is made again by the client at the next question.
 */
final class InstrumentLine implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofMillis(900);

  private final Instrument instrument;
  private final ModbusTcpClient client;
  private final SensorMonitor gauge;
  private final boolean isThere;
  private final AtomicBoolean asking = new AtomicBoolean();
  private double value = Double.NaN;
  private SensorState state = SensorState.WAITING;
  private boolean fresh;

  InstrumentLine(Instrument instrument, AllowedNetworks reach, Supplier<SimulatedBench> bench) {
    this.instrument = instrument;
    this.gauge =
        instrument.channel() == Channel.FORGE ? SensorMonitor.ofForge() : SensorMonitor.ofPress();
    String host = reach.resolved(instrument);
    this.isThere = !host.isEmpty();
    this.client =
        ModbusTcpClient.create(
            NettyTcpClientTransport.create(c -> {
              c.hostname = host;
              c.port = instrument.isSimulated() ? bench.get().port() : instrument.port();
              c.connectTimeout = PATIENCE;
            }),
            c -> c.requestTimeout = PATIENCE);
  }

  Instrument instrument() {
    return instrument;
  }

  /** Asks; a question that is still open is not asked twice. */
  void ask(double nowS) {
    if (!isThere || !asking.compareAndSet(false, true)) {
      silent(nowS);
      return;
    }
    connected()
        .thenCompose(c -> registers())
        .whenComplete((bytes, fault) -> {
          asking.set(false);
          if (fault == null) {
            heard(nowS, instrument.figure(bytes));
          } else {
            silent(nowS);
          }
        });
  }

  private CompletionStage<?> connected() {
    return client.isConnected()
        ? java.util.concurrent.CompletableFuture.completedStage(null)
        : client.connectAsync();
  }

  private CompletionStage<byte[]> registers() {
    int many = instrument.format().registers();
    return switch (instrument.registers()) {
      case INPUT ->
          client
              .readInputRegistersAsync(
                  instrument.unit(), new ReadInputRegistersRequest(instrument.address(), many))
              .thenApply(ReadInputRegistersResponse::registers);
      case HOLDING ->
          client
              .readHoldingRegistersAsync(
                  instrument.unit(), new ReadHoldingRegistersRequest(instrument.address(), many))
              .thenApply(ReadHoldingRegistersResponse::registers);
    };
  }

  private synchronized void heard(double atS, double figure) {
    value = figure;
    state = gauge.said(atS, figure);
    fresh = true;
  }

  private synchronized void silent(double atS) {
    SensorState now = gauge.silent(atS);
    if (now != SensorState.GOOD) {
      state = now == SensorState.WAITING ? SensorState.LOST : now;
    }
  }

  /** What it says; it is reported as fresh once. */
  synchronized InstrumentState said() {
    InstrumentState said = new InstrumentState(value, state, fresh);
    fresh = false;
    return said;
  }

  /** What it says, without taking it. */
  synchronized InstrumentState look() {
    return new InstrumentState(value, state, fresh);
  }

  @Override
  public void close() {
    var _ = client.disconnectAsync();
  }
}
