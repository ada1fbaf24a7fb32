package app.geminal.server.network;

import java.io.UncheckedIOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Under what this machine is reached from its own network.
 *
 * @param names host names, the one that devices find by themselves first; may be empty
 * @param numbers IP addresses of the network, IPv4 first
 */
record Addresses(List<String> names, List<String> numbers) {
  private static final Pattern ZEROS = Pattern.compile("(^|:)0(:0)+(:|$)");
  private static final String HOST_NAME = "[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?";

  Addresses {
    names = List.copyOf(names);
    numbers = List.copyOf(numbers);
  }

  /** Those of this machine now. */
  static Addresses here() {
    return new Addresses(names(hostName()), ownNumbers());
  }

  /** The names of a machine in its network: {@code wharf.local} and {@code wharf}. */
  static List<String> names(String hostName) {
    String name = hostName.toLowerCase(Locale.ROOT).replaceFirst("\\..*", "");
    return name.matches(HOST_NAME) && !name.equals("localhost")
        ? List.of(name + ".local", name)
        : List.of();
  }

  private static String hostName() {
    try {
      return InetAddress.getLocalHost().getHostName();
    } catch (UnknownHostException nameless) {
      return "";
    }
  }

  /** Only addresses that lead nowhere else than to the shop's own network. */
  private static List<String> ownNumbers() {
    List<String> four = new ArrayList<>();
    List<String> six = new ArrayList<>();
    try {
      for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
        if (card.isUp() && !card.isLoopback()) {
          for (InetAddress address : Collections.list(card.getInetAddresses())) {
            if (isOwnNetwork(address)) {
              (address instanceof Inet4Address ? four : six).add(plain(address));
            }
          }
        }
      }
    } catch (SocketException e) {
      throw new UncheckedIOException(e);
    }
    four.addAll(six);
    return four;
  }

  /** 10.x, 172.16 to 172.31, 192.168.x, and fc00::/7. */
  static boolean isOwnNetwork(InetAddress address) {
    byte[] bytes = address.getAddress();
    return bytes.length == 4 ? address.isSiteLocalAddress() : (bytes[0] & 0xfe) == 0xfc;
  }

  /** As browsers write it: of IPv6 the longest run of zeros is left out (RFC 5952). */
  static String plain(InetAddress address) {
    String text = address.getHostAddress().replaceFirst("%.*", "");
    if (address instanceof Inet4Address) {
      return text;
    }
    Matcher zeros = ZEROS.matcher(text);
    String longest = "";
    while (zeros.find()) {
      if (zeros.group().length() > longest.length()) {
        longest = zeros.group();
      }
    }
    return longest.isEmpty() ? text : text.replaceFirst(Pattern.quote(longest), "::");
  }

  /**
   * Whether this machine has been carried elsewhere since it had these. One whose line has broken
   * has fewer of them for a while and gets them back: it has not.
   */
  boolean haveMovedTo(Addresses now) {
    return !inUrls().containsAll(now.inUrls());
  }

  /** Every one as in the address line of a browser. */
  Set<String> inUrls() {
    Set<String> all = new LinkedHashSet<>(names);
    numbers.forEach(n -> all.add(n.contains(":") ? "[" + n + "]" : n));
    return all;
  }

  /** The one to give to a device: a number works also where names are not looked up. */
  String best() {
    return !numbers.isEmpty()
        ? inUrls().stream().skip(names.size()).findFirst().orElseThrow()
        : names.isEmpty() ? "localhost" : names.getFirst();
  }
}
