package app.geminal.server.config;

import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * How the core's values look as JSON, on the wire and in the plan column: the records as they are,
 * an operation with its {@code kind}. Strict, so that nothing typed is silently taken for something
 * else.
 */
@Configuration(proxyBeanMethods = false)
public class JsonConfig {

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = SetWeld.class, name = "set"),
    @JsonSubTypes.Type(value = Draw.class, name = "draw"),
    @JsonSubTypes.Type(value = Trim.class, name = "trim"),
    @JsonSubTypes.Type(value = Grind.class, name = "grind"),
    @JsonSubTypes.Type(value = Cut.class, name = "cut"),
    @JsonSubTypes.Type(value = Restack.class, name = "restack"),
    @JsonSubTypes.Type(value = Fold.class, name = "fold"),
  })
  private interface OperationJson {}

  @Bean
  JsonMapperBuilderCustomizer strictJson() {
    return JsonConfig::strict;
  }

  /** The settings alone, for tests without a context. */
  public static void strict(JsonMapper.Builder builder) {
    builder
        .addMixIn(Operation.class, OperationJson.class)
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
        .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
  }
}
