package app.geminal.server.config;

import app.geminal.server.account.RankGate;
import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/**
 * The pages: one document for every view; its parts carry their hash in the name and never change.
 */
@Configuration(proxyBeanMethods = false)
class PageConfig implements WebMvcConfigurer {
  /** Addresses of views, as the page's own router knows them. */
  static final List<String> VIEWS =
      List.of(
          "/",
          "/sign-in",
          "/device",
          "/rack",
          "/billets/*",
          "/billets/*/inside",
          "/billets/*/heat",
          "/billets/*/finish",
          "/billets/*/card",
          "/billets/*/bench",
          "/billets/*/count",
          "/billets/*/measure",
          "/billets/*/compare",
          "/billets/*/flaws",
          "/fire",
          "/fire/*",
          "/finder",
          "/steels",
          "/book",
          "/evidence",
          "/first-steps",
          "/glossary",
          "/shop");

  private final RankGate gate;

  PageConfig(RankGate gate) {
    this.gate = gate;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(gate).addPathPatterns("/api/**");
  }

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    for (String view : VIEWS) {
      registry.addViewController(view).setViewName("forward:/index.html");
    }
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
        .resourceChain(true)
        // Beside each is a smaller one, written when the pages were built.
        .addResolver(brotli());
  }

  /** Gzip is left to the container: browsers name it first and would never get the smaller one. */
  private static EncodedResourceResolver brotli() {
    EncodedResourceResolver resolver = new EncodedResourceResolver();
    resolver.setContentCodings(List.of("br"));
    return resolver;
  }
}
