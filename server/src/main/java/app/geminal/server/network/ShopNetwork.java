package app.geminal.server.network;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Opens the shop to the devices of its own network, where its owner wants that: HTTPS on every
 * address, and a plain page that only says how to trust the shop. The certificate is renewed by
 * itself, when it ends soon and when the machine's names or addresses change; one of the owner's
 * own is read again when its file changes.
 */
@Component
@Lazy(false)
public class ShopNetwork {
  private static final Logger LOG = LoggerFactory.getLogger(ShopNetwork.class);
  private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
  private static final int LOOKS_EVERY_MIN = 1;

  private final NetworkSettings settings;
  private final Lines lines;
  private final Clock clock;
  private final ScheduledExecutorService minutes =
      Executors.newSingleThreadScheduledExecutor(Thread.ofVirtual().name("certificate").factory());

  private volatile @Nullable Authority authority;
  private volatile boolean open;
  private volatile Addresses addresses = new Addresses(List.of(), List.of());
  private volatile @Nullable ServerCertificate shown;
  private FileTime readAt = FileTime.fromMillis(0);

  ShopNetwork(NetworkSettings settings, Lines lines, Clock clock) {
    this.settings = settings;
    this.lines = lines;
    this.clock = clock;
  }

  /** Opens where that was decided before. */
  @EventListener(ApplicationStartedEvent.class)
  void begin() throws IOException {
    switch (settings.open()) {
      case YES -> open();
      case NO -> {}
      case CHOSEN -> {
        if (Files.exists(chosenFile())) {
          try {
            open();
          } catch (IOException e) {
            // The shop itself opens all the same; the page says that it is closed to devices.
            LOG.warn("The shop was not opened to its network: {}", e.getMessage());
          }
        }
      }
    }
    var _ =
        minutes.scheduleWithFixedDelay(
            this::look, LOOKS_EVERY_MIN, LOOKS_EVERY_MIN, TimeUnit.MINUTES);
  }

  @PreDestroy
  void end() {
    minutes.shutdownNow();
    lines.close();
  }

  private Path chosenFile() {
    return settings.folderPath().resolve("open");
  }

  /** Whether the owner decides in the Shop page. */
  boolean isChosen() {
    return settings.open() == NetworkSettings.Open.CHOSEN;
  }

  /**
   * Opens or closes the shop to its network, now and at every start.
   *
   * @throws IOException when a port is in use or the folder cannot be written; it is closed then
   * @throws IllegalStateException where the settings decide
   */
  synchronized void choose(boolean toOpen) throws IOException {
    if (!isChosen()) {
      throw new IllegalStateException("The settings decide whether the shop is open.");
    }
    if (toOpen && !open) {
      open();
      Files.writeString(chosenFile(), "");
    } else if (!toOpen) {
      Files.deleteIfExists(chosenFile());
      open = false;
      lines.close();
    }
  }

  private synchronized void open() throws IOException {
    addresses = Addresses.here();
    ServerCertificate certificate = certificate();
    lines.open(
        settings.port(), settings.hasOwnCertificate() ? 0 : settings.trustPort(), certificate);
    shown = certificate;
    open = true;
  }

  private ServerCertificate certificate() throws IOException {
    if (!settings.hasOwnCertificate()) {
      authority = Authority.in(settings.folderPath(), "Geminal " + addresses.best(), clock);
      return authority.issue(addresses, clock.instant());
    }
    Path file = Path.of(settings.certificate());
    try {
      readAt = Files.getLastModifiedTime(file);
      return new ServerCertificate(Pem.key(Path.of(settings.key())), Pem.certificates(file));
    } catch (GeneralSecurityException e) {
      throw new IOException("The certificate in " + file + " cannot be used.", e);
    }
  }

  /** Whether devices of the network may use the shop. */
  public boolean isOpen() {
    return open;
  }

  /** Whether a name or number, as in the address line, is one of this shop for other machines. */
  public boolean isOurs(String host) {
    return hosts().contains(host);
  }

  /** Every name and number of the shop for other machines. */
  Set<String> hosts() {
    Set<String> all = new LinkedHashSet<>();
    settings.proxyHost().ifPresent(all::add);
    ServerCertificate certificate = shown;
    if (open && certificate != null) {
      all.addAll(certificate.names());
      all.addAll(addresses.inUrls());
    }
    return all;
  }

  /** Where devices find the shop, empty where it is not open to them. */
  public String origin() {
    if (!settings.proxy().isEmpty()) {
      return settings.proxy();
    }
    ServerCertificate certificate = shown;
    if (!open || certificate == null) {
      return "";
    }
    String host =
        settings.hasOwnCertificate()
            ? certificate.names().stream().findFirst().orElseGet(addresses::best)
            : addresses.best();
    return "https://" + host + ":" + settings.port();
  }

  /**
   * Whether every device trusts the shop as it is. Only then may browsers be asked to use nothing
   * but HTTPS: the page about trust is plain.
   */
  public boolean isTrustedByAll() {
    return settings.hasOwnCertificate() || !settings.proxy().isEmpty();
  }

  /** Whether devices learn to trust the shop by its page. */
  boolean needsTrust() {
    return open && !settings.hasOwnCertificate();
  }

  /** Where a device learns to trust the shop. */
  String trustPage() {
    return "http://" + addresses.best() + ":" + settings.trustPort() + "/";
  }

  /** The ports it opens. */
  int port() {
    return settings.port();
  }

  /** The port where nothing but the page about trust is. */
  int trustPort() {
    return settings.trustPort();
  }

  Authority authority() {
    if (authority == null) {
      throw new IllegalStateException("The shop is not open to its network.");
    }
    return authority;
  }

  /** When the certificate ends that is in use, null where none is. */
  @Nullable Instant certificateUntil() {
    ServerCertificate certificate = shown;
    return open && certificate != null ? certificate.until() : null;
  }

  /** A laptop that was carried to another network has other addresses. */
  private synchronized void look() {
    ServerCertificate certificate = shown;
    if (!open || certificate == null) {
      return;
    }
    try {
      Addresses now = Addresses.here();
      boolean moved = addresses.haveMovedTo(now);
      if (moved) {
        addresses = now;
      }
      boolean renew =
          settings.hasOwnCertificate()
              ? !readAt.equals(Files.getLastModifiedTime(Path.of(settings.certificate())))
              : moved || certificate.until().isBefore(clock.instant().plus(RENEWED_BEFORE));
      if (renew) {
        ServerCertificate next = certificate();
        lines.show(next);
        shown = next;
        LOG.info("The certificate was renewed for {}.", hosts());
      }
    } catch (IOException | UncheckedIOException e) {
      LOG.warn("The certificate was not renewed: {}", e.getMessage());
    }
  }
}
