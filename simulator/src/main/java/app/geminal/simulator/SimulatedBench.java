package app.geminal.simulator;

import app.geminal.heat.BarHeat;
import app.geminal.shop.Press;
import com.digitalpetri.modbus.exceptions.UnknownUnitIdException;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadInputRegistersResponse;
import com.digitalpetri.modbus.server.ModbusRequestContext;
import com.digitalpetri.modbus.server.ModbusTcpServer;
import com.digitalpetri.modbus.server.ProcessImage;
import com.digitalpetri.modbus.server.ReadWriteModbusServices;
import com.digitalpetri.modbus.tcp.server.NettyTcpServerTransport;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/**
 * The simulated forge and press behind Modbus TCP on loopback, unit 1. Input registers are what a
 * gauge says, holding registers are the handles and the faults; both signed, sixteen bits:
 *
 * <table>
 * <caption>Registers</caption>
 * <tr><th>input</th><td>0 forge, 0.1 °C; 1 press, 0.01 MPa; 2 height under the ram, 0.1 mm; 3 gas,
 * 0.1 %</td></tr>
 * <tr><th>holding</th><td>0 controller, °C; 1 air for gas, 0.01; 2 door open; 3 ram down; 4 offset
 * of the thermocouple, 0.1 °C; 5 fault: 0 none, 1 frozen, 2 jumping, 3 out of range, 4 no answer;
 * 6 cold steel in the chamber, 0.01 kg</td></tr>
 * </table>
 */
public final class SimulatedBench implements AutoCloseable {
  /** The one unit it answers for. */
  public static final int UNIT = 1;

  private static final int TICK_MS = 200;
  private static final int CONTROLLER = 0;
  private static final int AIR = 1;
  private static final int DOOR = 2;
  private static final int RAM = 3;
  private static final int OFFSET = 4;

  /** Holding register of the fault. */
  public static final int FAULT = 5;

  private static final int LOAD = 6;
  private static final int HANDLES = 7;
  private static final int USUAL_SET_C = 1240;
  private static final double OPEN_CIRCUIT = 3276.7;

  private final ProcessImage image = new ProcessImage();
  private final SimulatedForge forge;
  private final SimulatedPress press;
  private final ModbusTcpServer server;
  private final int port;
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("simulated-bench").factory());
  private int loadedKg100;
  private long jump;

  /** What is wrong with the thermocouple. */
  private enum Fault {
    NONE,
    FROZEN,
    JUMPING,
    OUT_OF_RANGE,
    NO_ANSWER
  }

  /** Starts answering on a free port, the forge already warm. */
  public SimulatedBench(Press with) {
    forge = new SimulatedForge(7, USUAL_SET_C - 30, USUAL_SET_C);
    press = new SimulatedPress(with);
    image.with(t ->
        t.writeHoldingRegisters(handles -> {
          for (int i = 0; i < HANDLES; i++) {
            handles.put(i, bytes(0));
          }
          handles.put(CONTROLLER, bytes(USUAL_SET_C));
          handles.put(AIR, bytes(85));
        }));
    say();
    port = freePort();
    server =
        ModbusTcpServer.create(
            NettyTcpServerTransport.create(c -> {
              c.bindAddress = "127.0.0.1";
              c.port = port;
            }),
            services());
    try {
      server.start();
    } catch (ExecutionException e) {
      throw new IllegalStateException("The simulated bench cannot answer on port " + port, e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
    var _ = clock.scheduleAtFixedRate(this::tick, TICK_MS, TICK_MS, TimeUnit.MILLISECONDS);
  }

  private static int freePort() {
    try (ServerSocket any = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return any.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private ReadWriteModbusServices services() {
    return new ReadWriteModbusServices() {
      @Override
      protected Optional<ProcessImage> getProcessImage(int unitId) {
        return unitId == UNIT ? Optional.of(image) : Optional.empty();
      }

      @Override
      public ReadInputRegistersResponse readInputRegisters(
          ModbusRequestContext context, int unitId, ReadInputRegistersRequest request)
          throws UnknownUnitIdException {
        if (fault() == Fault.NO_ANSWER && request.address() == 0) {
          throw new UnknownUnitIdException(unitId);
        }
        return super.readInputRegisters(context, unitId, request);
      }
    };
  }

  /** Where it answers. */
  public int port() {
    return port;
  }

  /** A bar of the smith's enters the chamber and draws it down. */
  public synchronized void put(Object name, BarHeat bar) {
    forge.put(name, bar);
  }

  /** It comes out. */
  public synchronized void take(Object name) {
    forge.take(name);
  }

  /** The ram comes down on a bar. */
  public synchronized void squeeze(BarHeat bar, BarHeat.Of of) {
    press.lay(bar, of);
    handle(RAM, 1);
  }

  /** The ram rises. */
  public synchronized void letGo() {
    handle(RAM, 0);
  }

  private synchronized void tick() {
    Map<Integer, byte[]> handles = image.get(t -> t.readHoldingRegisters(Map::copyOf));
    forge.set(value(handles, CONTROLLER));
    forge.air(value(handles, AIR) / 100.0);
    forge.door(value(handles, DOOR) != 0);
    forge.offset(value(handles, OFFSET) / 10.0);
    load(value(handles, LOAD));
    press.ram(value(handles, RAM) != 0);
    forge.advance(TICK_MS / 1000.0);
    press.advance(TICK_MS / 1000.0);
    say();
  }

  private void load(int kg100) {
    if (kg100 != loadedKg100) {
      loadedKg100 = kg100;
      double lengthMm = kg100 / 100.0 / 7850 * 1e9 / (40 * 40);
      if (kg100 > 0) {
        forge.put(this, new BarHeat(BarHeat.Of.solid(40, 40, lengthMm), 20));
      } else {
        forge.take(this);
      }
    }
  }

  private void say() {
    Fault fault = fault();
    double celsius =
        switch (fault) {
          case NONE, FROZEN, NO_ANSWER -> forge.gaugeC();
          case JUMPING -> forge.gaugeC() + (jump++ % 10 < 5 ? 0 : 350);
          case OUT_OF_RANGE -> OPEN_CIRCUIT;
        };
    image.with(t ->
        t.writeInputRegisters(inputs -> {
          if (fault != Fault.FROZEN || !inputs.containsKey(0)) {
            inputs.put(0, bytes((int) Math.min(Short.MAX_VALUE, Math.round(celsius * 10))));
          }
          inputs.put(1, bytes((int) Math.round(press.gaugeMpa() * 100)));
          inputs.put(2, bytes((int) Math.round(press.heightMm() * 10)));
          inputs.put(3, bytes((int) Math.round(forge.gas() * 1000)));
        }));
  }

  private Fault fault() {
    int said = image.get(t -> t.readHoldingRegisters(h -> value(h, FAULT)));
    Fault[] all = Fault.values();
    return said >= 0 && said < all.length ? all[said] : Fault.NONE;
  }

  private void handle(int register, int value) {
    image.with(t -> t.writeHoldingRegisters(h -> h.put(register, bytes(value))));
  }

  private static int value(Map<Integer, byte[]> registers, int at) {
    byte[] bytes = registers.get(at);
    return bytes == null ? 0 : (short) (((bytes[0] & 0xff) << 8) | (bytes[1] & 0xff));
  }

  private static byte[] bytes(int value) {
    return new byte[] {(byte) (value >> 8), (byte) value};
  }

  @Override
  public void close() {
    clock.shutdownNow();
    try {
      server.stop();
    } catch (ExecutionException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
