package app.geminal.server.instrument;

import app.geminal.validation.InvalidValue;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where instruments may be: on this machine and on private networks, so that no one sends the
 * server to strangers. {@code geminal.instruments-anywhere} lifts it.
 */
@Component
class AllowedNetworks {
  private final boolean anywhere;

  AllowedNetworks(@Value("${geminal.instruments-anywhere}") boolean anywhere) {
    this.anywhere = anywhere;
  }

  /**
   * Looks at an address before it is kept.
   *
   * @throws InvalidValue for one outside the shop; a name that no one knows yet is let through,
   *     because it is looked at again whenever it is asked
   */
  void require(Instrument instrument) {
    if (instrument.isSimulated() || anywhere) {
      return;
    }
    try {
      for (InetAddress address : InetAddress.getAllByName(instrument.host())) {
        if (!isNear(address)) {
          throw new InvalidValue("host", InstrumentText.INSTRUMENT_MUST_BE_ON_THIS_MACHINE.with());
        }
      }
    } catch (UnknownHostException later) {
      // It may be switched off; nothing is sent until its name leads somewhere near.
    }
  }

  /**
   * The address to ask, which cannot be another one than was looked at; empty where there is none.
   */
  String resolved(Instrument instrument) {
    if (instrument.isSimulated()) {
      return "127.0.0.1";
    }
    try {
      InetAddress address = InetAddress.getByName(instrument.host());
      return anywhere || isNear(address) ? address.getHostAddress() : "";
    } catch (UnknownHostException e) {
      return "";
    }
  }

  private static boolean isNear(InetAddress address) {
    boolean uniqueLocal =
        address instanceof Inet6Address && (address.getAddress()[0] & 0xfe) == 0xfc;
    return address.isLoopbackAddress()
        || address.isSiteLocalAddress()
        || address.isLinkLocalAddress()
        || uniqueLocal;
  }
}
