package app.geminal.server.config;

import app.geminal.library.plan.PlanJson;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.boot.servlet.filter.OrderedRequestContextFilter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.core.Ordered;
import org.springframework.web.filter.RequestContextFilter;

/** JSON on the wire is as in the open files, its texts in the language that is asked for. */
@Configuration(proxyBeanMethods = false)
class JsonConfig {

  /** First of all filters, so that what another one refuses is said in that language too. */
  @Bean
  RequestContextFilter languageFirst() {
    OrderedRequestContextFilter filter = new OrderedRequestContextFilter();
    filter.setOrder(Ordered.HIGHEST_PRECEDENCE);
    return filter;
  }

  @Bean
  JsonMapperBuilderCustomizer strictJson() {
    return builder -> PlanJson.strict(builder, LocaleContextHolder::getLocale);
  }
}
