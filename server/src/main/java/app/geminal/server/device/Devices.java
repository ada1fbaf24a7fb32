package app.geminal.server.device;

import app.geminal.server.account.Accounts;
import app.geminal.server.account.Rank;
import app.geminal.server.account.SignIns;
import app.geminal.server.problem.NotFound;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The devices that are signed in by a code: seeing them, and shutting one out. */
@Service
class Devices {
  private final SignIns signIns;
  private final Accounts accounts;

  Devices(SignIns signIns, Accounts accounts) {
    this.signIns = signIns;
    this.accounts = accounts;
  }

  /**
   * One's own devices, everyone's for an owner; the latest used first.
   *
   * @param here the sign-in that asks, or null
   */
  List<SignIns.Device> shownTo(String login, @Nullable String here) {
    List<String> whose = accounts.rank(login) == Rank.OWNER ? accounts.logins() : List.of(login);
    return whose.stream()
        .flatMap(l -> signIns.devicesOf(l, here).stream())
        .sorted(Comparator.comparing(SignIns.Device::lastUsed).reversed())
        .toList();
  }

  /**
   * Ends a device's sign-in at once. It needs a new code to come back.
   *
   * @throws NotFound when there is none that this person may see
   */
  void shutOut(String login, String id) {
    SignIns.Device device =
        shownTo(login, null).stream()
            .filter(d -> d.id().equals(id))
            .findFirst()
            .orElseThrow(() -> new NotFound(DeviceText.NO_DEVICE.with()));
    signIns.endDevice(device.login(), id);
  }
}
