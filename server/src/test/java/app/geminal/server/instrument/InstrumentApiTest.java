package app.geminal.server.instrument;

import static java.util.concurrent.TimeUnit.MILLISECONDS;
import static java.util.concurrent.TimeUnit.SECONDS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import app.geminal.server.ShopTest;
import app.geminal.server.Visitor.Answer;
import app.geminal.simulator.SimulatedBench;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.pdu.WriteSingleRegisterRequest;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;

/** Instruments of the shop, and what is said when one is lost or reads wrong. */
class InstrumentApiTest extends ShopTest {
  private static final String LOST =
      """
      {"name": "Old controller", "channel": "FORGE", "host": "127.0.0.1", "port": 1, "unit": 1,
       "registers": "HOLDING", "address": 4, "format": "FLOAT32", "scale": 1, "shift": 0,
       "switched": true}\
      """;

  private static void until(Callable<Boolean> holds) {
    await().atMost(60, SECONDS).pollInterval(50, MILLISECONDS).until(holds);
  }

  private String state(int of) {
    return smith.get("/api/v1/instruments").at("$[%d].state".formatted(of));
  }

  @Test
  void addedChangedAndRemoved() {
    Answer added = smith.post("/api/v1/instruments", LOST);
    assertThat(added.status()).isEqualTo(201);
    int id = added.at("$.id");
    until(() -> state(2).equals("does not answer"));
    Answer off = smith.put("/api/v1/instruments/" + id, LOST.replace("true", "false"));
    assertThat(off.<String>at("$.state")).isEqualTo("switched off");
    Answer bad = smith.post("/api/v1/instruments", LOST.replace("\"port\": 1,", "\"port\": 0,"));
    assertThat(bad.status()).isEqualTo(422);
    assertThat(bad.<String>at("$.where")).isEqualTo("/port");
    assertThat(smith.post("/api/v1/instruments/%d/remove".formatted(id), "").status())
        .isEqualTo(204);
    assertThat(smith.post("/api/v1/instruments/%d/remove".formatted(id), "").status())
        .isEqualTo(404);
    assertThat(smith.put("/api/v1/instruments/" + id, LOST).status()).isEqualTo(404);
  }

  /** Frozen, out of range, silent: each is said, and the session continues. */
  @Test
  void aLyingThermocoupleIsNoticed() throws Exception {
    String path = smith.get("/api/v1/billets/1/heats").at("$[0].path");
    int fire =
        smith
            .post(
                "/api/v1/forge-sessions",
                "{\"billets\": [{\"billetId\": 1, \"stepPath\": \"%s\"}], \"rehearsal\": false}"
                    .formatted(path))
            .at("$.id");
    until(() -> state(0).equals("good"));
    int port = shop.bean(Instruments.class).bench().orElseThrow().port();
    ModbusTcpClient client =
        ModbusTcpClient.create(
            NettyTcpClientTransport.create(c -> {
              c.hostname = "127.0.0.1";
              c.port = port;
            }));
    client.connect();
    fault(client, 3);
    until(() -> state(0).equals("out of range"));
    fault(client, 4);
    until(() -> state(0).equals("does not answer"));
    fault(client, 1);
    until(() -> state(0).startsWith("frozen"));
    until(
        () -> smith.get("/api/v1/forge-sessions/" + fire).at("$.at.forge.state").equals("FROZEN"));
    fault(client, 0);
    until(() -> state(0).equals("good"));
    client.disconnect();
  }

  private static void fault(ModbusTcpClient client, int fault) throws Exception {
    client.writeSingleRegister(
        SimulatedBench.UNIT, new WriteSingleRegisterRequest(SimulatedBench.FAULT, fault));
  }

  @Test
  void figuresAreReadAsTheyAreWritten() {
    assertThat(of(Instrument.Format.INT16).figure(new byte[] {(byte) 0xff, (byte) 0xfe}))
        .isCloseTo(-0.2 + 5, within(1e-9));
    assertThat(of(Instrument.Format.UINT16).figure(new byte[] {(byte) 0xff, (byte) 0xfe}))
        .isCloseTo(6553.4 + 5, within(1e-9));
    assertThat(of(Instrument.Format.INT32).figure(new byte[] {0, 1, 0, 0}))
        .isCloseTo(6553.6 + 5, within(1e-9));
    assertThat(of(Instrument.Format.FLOAT32).figure(new byte[] {0x44, (byte) 0x93, (byte) 0x80, 0}))
        .isCloseTo(118.0 + 5, within(1e-9));
  }

  private static Instrument of(Instrument.Format format) {
    return new Instrument(
        "T",
        Channel.FORGE,
        "10.0.0.5",
        502,
        1,
        Instrument.Registers.INPUT,
        0,
        format,
        0.1,
        5,
        true);
  }
}
