package app.geminal.server.network;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.validation.InvalidValue;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How devices reach the shop. */
@RestController
class NetworkController {
  private static final Logger LOG = LoggerFactory.getLogger(NetworkController.class);

  private final ShopNetwork network;

  NetworkController(ShopNetwork network) {
    this.network = network;
  }

  /**
   * How devices of the network reach the shop.
   *
   * @param open whether they may
   * @param mayChoose whether the owner decides it here; false where the settings of the machine do
   * @param origin the address for them, empty where they may not
   * @param trustPage where a device learns to trust the shop, empty where it need not
   * @param trustCode the address of that page as a QR code, empty where it need not
   * @param hosts every name and number of the shop for other machines
   * @param fingerprint of the authority, SHA-256 in pairs; empty where a device need not trust it
   * @param certificateUntil when the certificate ends; it is renewed before, null where they may
   *     not
   */
  record NetworkView(
      boolean open,
      boolean mayChoose,
      String origin,
      String trustPage,
      QrCode trustCode,
      List<String> hosts,
      String fingerprint,
      @Nullable Instant certificateUntil) {}

  /**
   * Whether devices of the network may use the shop.
   *
   * @param open whether they may
   */
  record NetworkChoice(boolean open) {}

  /** How devices reach the shop. */
  @Operation(operationId = "getNetwork")
  @GetMapping("/api/v1/network")
  @RequiredRank(Rank.GUEST)
  NetworkView network() throws IOException {
    boolean trust = network.needsTrust();
    return new NetworkView(
        network.isOpen(),
        network.isChosen(),
        network.origin(),
        trust ? network.trustPage() : "",
        trust ? QrCode.of(network.trustPage()) : QrCode.NONE,
        List.copyOf(network.hosts()),
        trust ? network.authority().fingerprint() : "",
        network.certificateUntil());
  }

  /** Opens the shop to the devices of its network, or closes it to them. */
  @Operation(operationId = "openNetwork")
  @PutMapping("/api/v1/network")
  @RequiredRank(value = Rank.OWNER, inPerson = true)
  NetworkView choose(@RequestBody NetworkChoice body) throws IOException {
    if (!network.isChosen()) {
      throw new InvalidValue("open", NetworkText.SETTINGS_DECIDE.with());
    }
    try {
      network.choose(body.open());
    } catch (IOException e) {
      LOG.warn("The shop was not opened to its network: {}", e.getMessage());
      throw new InvalidValue(
          "open",
          NetworkText.CANNOT_OPEN.with("port", network.port(), "other", network.trustPort()));
    }
    return network();
  }
}
