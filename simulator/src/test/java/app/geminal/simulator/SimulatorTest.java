package app.geminal.simulator;

import static java.util.concurrent.TimeUnit.MILLISECONDS;
import static java.util.concurrent.TimeUnit.SECONDS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import app.geminal.heat.BarHeat;
import app.geminal.shop.Press;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.exceptions.ModbusTimeoutException;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.pdu.WriteSingleRegisterRequest;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import java.time.Duration;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;

/** A forge and a press that are not there behave as real ones would. */
class SimulatorTest {
  private static final Press PRESS = new Press(127, 17.2, 220, 255, 100, 130, 45, 15);

  @Test
  void aColdForgeIsHotInAQuarterOfAnHour() {
    SimulatedForge forge = new SimulatedForge(1, 20, 1240);
    forge.advance(600);
    assertThat(forge.chamberC()).isBetween(700.0, 1230.0);
    forge.advance(1200);
    assertThat(forge.chamberC()).isCloseTo(1240, within(15.0));
    assertThat(forge.gas()).isBetween(0.2, 0.95);
  }

  @Test
  void coldSteelDrawsItDownAndItRecovers() {
    SimulatedForge forge = new SimulatedForge(1, 1240, 1240);
    BarHeat bar = new BarHeat(BarHeat.Of.solid(38, 83, 127), 20);
    forge.put("bar", bar);
    forge.advance(90);
    double low = forge.chamberC();
    assertThat(low).isBetween(1150.0, 1232.0);
    forge.advance(900);
    assertThat(forge.chamberC()).isGreaterThan(low);
    assertThat(bar.coreC()).isGreaterThan(1100);
    forge.take("bar");
    double then = bar.coreC();
    forge.advance(60);
    assertThat(bar.coreC()).isEqualTo(then);
  }

  @Test
  void anOpenDoorAndAirToSpareCostHeat() {
    SimulatedForge shut = new SimulatedForge(1, 1240, 1240);
    SimulatedForge open = new SimulatedForge(1, 1240, 1240);
    open.door(true);
    shut.advance(600);
    open.advance(600);
    assertThat(open.gas()).isGreaterThan(shut.gas());
    SimulatedForge lean = new SimulatedForge(1, 1240, 1240);
    lean.air(1.4);
    lean.advance(600);
    assertThat(lean.gas()).isGreaterThan(shut.gas());
    shut.set(0);
    shut.advance(3600);
    assertThat(shut.chamberC()).isLessThan(800);
    assertThat(shut.setC()).isZero();
  }

  @Test
  void theGaugeLagsIsOffAndTrembles() {
    SimulatedForge forge = new SimulatedForge(1, 1240, 1240);
    forge.offset(-60);
    double sum = 0;
    for (int i = 0; i < 200; i++) {
      sum += forge.gaugeC();
    }
    assertThat(sum / 200).isCloseTo(1180, within(1.0));
    assertThat(forge.gaugeC()).isNotEqualTo(forge.gaugeC());
    SimulatedForge cooling = new SimulatedForge(1, 1240, 0);
    cooling.advance(20);
    assertThat(cooling.gaugeC()).isGreaterThan(cooling.chamberC() + 2);
  }

  @Test
  void hotSteelGivesAndColdSteelStallsThePress() {
    SimulatedPress press = new SimulatedPress(PRESS);
    BarHeat.Of of = BarHeat.Of.solid(38, 50, 120);
    press.lay(new BarHeat(of, 1200), of);
    press.ram(true);
    press.advance(0.4);
    assertThat(press.gaugeMpa()).isZero();
    press.advance(0.6);
    assertThat(press.pressedMm()).isBetween(4.0, 9.0);
    assertThat(press.gaugeMpa()).isBetween(8.0, 17.3);
    press.ram(false);
    assertThat(press.gaugeMpa()).isZero();
    SimulatedPress stalled = new SimulatedPress(PRESS);
    stalled.lay(new BarHeat(of, 500), of);
    stalled.ram(true);
    stalled.advance(3);
    assertThat(stalled.pressedMm()).isZero();
    assertThat(stalled.gaugeMpa()).isEqualTo(17.2);
    assertThat(stalled.heightMm()).isEqualTo(50);
  }

  private static double read(ModbusTcpClient client, int register) throws Exception {
    byte[] said =
        client
            .readInputRegisters(SimulatedBench.UNIT, new ReadInputRegistersRequest(register, 1))
            .registers();
    return (short) (((said[0] & 0xff) << 8) | (said[1] & 0xff));
  }

  private static void fault(ModbusTcpClient client, int fault) throws Exception {
    client.writeSingleRegister(
        SimulatedBench.UNIT, new WriteSingleRegisterRequest(SimulatedBench.FAULT, fault));
  }

  private static void until(Callable<Boolean> holds) {
    await().atMost(5, SECONDS).pollInterval(20, MILLISECONDS).until(holds);
  }

  @Test
  void itAnswersOverModbusAndHasTheFaultsInstrumentsHave() throws Exception {
    try (SimulatedBench bench = new SimulatedBench(PRESS)) {
      ModbusTcpClient client =
          ModbusTcpClient.create(
              NettyTcpClientTransport.create(c -> {
                c.hostname = "127.0.0.1";
                c.port = bench.port();
              }),
              c -> c.requestTimeout = Duration.ofSeconds(3));
      client.connect();
      double first = read(client, 0);
      assertThat(first / 10).isBetween(1190.0, 1250.0);
      until(() -> read(client, 0) != first);
      fault(client, 1);
      double frozen = read(client, 0);
      until(() -> read(client, 3) != 0);
      fault(client, 3);
      until(() -> read(client, 0) == Short.MAX_VALUE);
      fault(client, 4);
      assertThatThrownBy(() -> read(client, 0)).isInstanceOf(ModbusTimeoutException.class);
      assertThat(read(client, 1)).isZero();
      fault(client, 0);
      until(() -> read(client, 0) != frozen && read(client, 0) != Short.MAX_VALUE);
      BarHeat.Of of = BarHeat.Of.solid(38, 50, 120);
      bench.squeeze(new BarHeat(of, 1200), of);
      until(() -> read(client, 1) > 500);
      bench.letGo();
      until(() -> read(client, 1) == 0);
      client.disconnect();
    }
  }
}
