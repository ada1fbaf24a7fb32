package app.geminal.server.network;

import java.time.Duration;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** The limits of the shop's own connection (application.yaml), for the others too. */
@Component
class Limits {
  private final DataSize form;
  private final Duration connecting;
  private final Duration keptAlive;
  private final int connections;
  private final String compressed;

  Limits(
      @Value("${server.tomcat.max-http-form-post-size}") DataSize form,
      @Value("${server.tomcat.connection-timeout}") Duration connecting,
      @Value("${server.tomcat.keep-alive-timeout}") Duration keptAlive,
      @Value("${server.tomcat.max-connections}") int connections,
      @Value("${server.compression.mime-types}") String compressed) {
    this.form = form;
    this.connecting = connecting;
    this.keptAlive = keptAlive;
    this.connections = connections;
    this.compressed = compressed;
  }

  void on(Connector connector) {
    AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) connector.getProtocolHandler();
    connector.setMaxPostSize(Math.toIntExact(form.toBytes()));
    protocol.setConnectionTimeout(Math.toIntExact(connecting.toMillis()));
    protocol.setKeepAliveTimeout(Math.toIntExact(keptAlive.toMillis()));
    protocol.setMaxConnections(connections);
    protocol.setCompression("on");
    protocol.setCompressibleMimeType(compressed);
  }
}
