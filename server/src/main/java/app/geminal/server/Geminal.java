package app.geminal.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** Starts the server. */
@SpringBootApplication(proxyBeanMethods = false)
@ConfigurationPropertiesScan
public class Geminal {

  /** Starts the server; see application.yaml for what may be set. */
  public static void main(String[] args) {
    SpringApplication.run(Geminal.class, args);
  }
}
