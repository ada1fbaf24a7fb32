package app.geminal.server.network;

import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Takes the device's address, name and HTTPS from what a proxy on this machine says, so that
 * guessing is slowed for the device that guesses and cookies are marked secure. From anyone else
 * such words are only words.
 */
@Component
class Proxy implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private final NetworkSettings settings;

  Proxy(NetworkSettings settings) {
    this.settings = settings;
  }

  @Override
  public void customize(TomcatServletWebServerFactory tomcat) {
    if (settings.proxy().isEmpty()) {
      return;
    }
    RemoteIpValve valve = new RemoteIpValve();
    valve.setInternalProxies("127\\.\\d+\\.\\d+\\.\\d+|0:0:0:0:0:0:0:1|::1");
    valve.setRemoteIpHeader("X-Forwarded-For");
    valve.setProtocolHeader("X-Forwarded-Proto");
    tomcat.addEngineValves(valve);
  }
}
