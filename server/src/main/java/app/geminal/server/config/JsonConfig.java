package app.geminal.server.config;

import app.geminal.library.plan.PlanJson;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.i18n.LocaleContextHolder;

/** JSON on the wire and in the database is as in the open files. */
@Configuration(proxyBeanMethods = false)
class JsonConfig {

  @Bean
  JsonMapperBuilderCustomizer strictJson() {
    return builder -> PlanJson.strict(builder, LocaleContextHolder::getLocale);
  }
}
