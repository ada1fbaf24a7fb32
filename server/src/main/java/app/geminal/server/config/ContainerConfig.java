package app.geminal.server.config;

import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the container does by itself. */
@Configuration(proxyBeanMethods = false)
class ContainerConfig {

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> refusals() {
    return factory ->
        factory.addContextCustomizers(context -> {
          if (context.getParent() instanceof StandardHost host) {
            host.setErrorReportValveClass(RefusalValve.class.getName());
          }
        });
  }
}
