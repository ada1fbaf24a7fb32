package app.geminal.server.device;

import app.geminal.server.account.GuessLimiter;
import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.account.SignIns;
import app.geminal.server.network.QrCode;
import app.geminal.server.network.ShopNetwork;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Devices over HTTP. */
@RestController
class DeviceController {
  /** No one can be called this, so that guessing codes slows no one's password. */
  private static final String GUESSED = "device code";

  private final Devices devices;
  private final DeviceCodes codes;
  private final DeviceSignIn signIn;
  private final ShopNetwork network;
  private final GuessLimiter guesses;

  DeviceController(
      Devices devices,
      DeviceCodes codes,
      DeviceSignIn signIn,
      ShopNetwork network,
      GuessLimiter guesses) {
    this.devices = devices;
    this.codes = codes;
    this.signIn = signIn;
    this.network = network;
    this.guesses = guesses;
  }

  /**
   * A device to sign in.
   *
   * @param name what to call it, 1 to 80 characters
   */
  record NewDevice(String name) {}

  /**
   * A code that signs one device in, once.
   *
   * @param code eight digits
   * @param until when it ends
   * @param address page that takes the code, with the code behind {@code #}; empty where the shop
   *     is not open to its network
   * @param qr the same as a QR code
   */
  record DeviceCode(String code, Instant until, String address, QrCode qr) {}

  /**
   * What the device was given.
   *
   * @param code eight digits; spaces and hyphens between them do not matter
   */
  record EnteredCode(String code) {}

  /** One's own devices; everyone's for an owner. */
  @Operation(operationId = "listDevices")
  @GetMapping("/api/v1/devices")
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  List<SignIns.Device> all(Principal who, HttpServletRequest request) {
    return devices.shownTo(who.getName(), SignIns.here(request));
  }

  /** Makes a code that signs a device in as oneself, valid for ten minutes; an earlier one ends. */
  @Operation(operationId = "createDeviceCode")
  @PostMapping("/api/v1/devices/codes")
  @ResponseStatus(HttpStatus.CREATED)
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  DeviceCode make(@RequestBody NewDevice body, Principal who) {
    DeviceCodes.Code code =
        codes.make(who.getName(), Require.text("name", body.name(), 80).strip());
    String origin = network.origin();
    String address = origin.isEmpty() ? "" : origin + "/device#" + code.digits();
    return new DeviceCode(
        code.digits(), code.until(), address, address.isEmpty() ? QrCode.NONE : QrCode.of(address));
  }

  /** Signs this device in with a code. */
  @Operation(operationId = "signInByCode")
  @PostMapping("/api/v1/devices/sign-in")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(Rank.GUEST)
  void enter(
      @RequestBody EnteredCode body, HttpServletRequest request, HttpServletResponse response) {
    String digits = Require.text("code", body.code(), 40).replaceAll("[\\s-]", "");
    guesses.require(GUESSED, request.getRemoteAddr());
    DeviceCodes.Code code =
        codes
            .use(digits)
            .orElseThrow(() -> new InvalidValue("code", DeviceText.CODE_IS_NOT_VALID.with()));
    guesses.right(GUESSED, request.getRemoteAddr());
    signIn.signIn(code, request, response);
  }

  /** Shuts a device out: its sign-in ends at once. */
  @Operation(operationId = "shutOutDevice")
  @PostMapping("/api/v1/devices/{id}/shut-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  @RequiredRank(value = Rank.GUEST, inPerson = true)
  void shutOut(@PathVariable String id, Principal who) {
    devices.shutOut(who.getName(), id);
  }
}
