package app.geminal.server.network;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How devices reach the shop. */
@RestController
class NetworkController {
  private final ShopNetwork network;

  NetworkController(ShopNetwork network) {
    this.network = network;
  }

  /**
   * How devices of the network reach the shop.
   *
   * @param open whether they may
   * @param origin the address for them, empty where they may not
   * @param trustPage where a device learns to trust the shop, empty where they may not
   * @param trustCode the address of that page as a QR code, empty where they may not
   * @param hosts every name and number of the shop's machine
   * @param fingerprint of the authority, SHA-256 in pairs; empty where they may not
   * @param certificateUntil when the certificate ends; it is renewed before, null where they may
   *     not
   */
  record NetworkView(
      boolean open,
      String origin,
      String trustPage,
      QrCode trustCode,
      List<String> hosts,
      String fingerprint,
      @Nullable Instant certificateUntil) {}

  /** How devices reach the shop. */
  @Operation(operationId = "getNetwork")
  @GetMapping("/api/v1/network")
  @RequiredRank(Rank.GUEST)
  NetworkView network() throws IOException {
    return network.isOpen()
        ? new NetworkView(
            true,
            network.origin(),
            network.trustPage(),
            QrCode.of(network.trustPage()),
            List.copyOf(network.hosts()),
            network.authority().fingerprint(),
            network.certificateUntil())
        : new NetworkView(false, "", "", new QrCode(0, ""), List.of(), "", null);
  }
}
