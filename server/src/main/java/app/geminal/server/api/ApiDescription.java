package app.geminal.server.api;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import java.util.List;
import java.util.Set;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.customizers.GlobalOperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What holds for the whole interface: how to sign in, how a refusal looks, names of operations. */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
  static final String PROBLEM = "Problem";
  private static final String SIGN_IN = "signIn";
  private static final String TOKEN = "changeToken";
  private static final String SCRIPT = "scriptToken";

  @Bean
  GlobalOpenApiCustomizer whole() {
    return api -> {
      api.info(
          new Info()
              .title("Geminal")
              .version("1")
              .description(
                  "Plans, welds and records of a forge-welding shop. Lengths are millimetres, temperatures °C, masses kg, times s unless a name says otherwise. "
                      + "To sign in: GET /api/v1/session, which sets the cookie XSRF-TOKEN; POST /api/v1/sign-in as a form with login and password, and with the header X-XSRF-TOKEN of the cookie's value, which sets the cookie GEMINAL. Every change carries both."));
      api.getComponents()
          .addSecuritySchemes(
              SIGN_IN,
              new SecurityScheme()
                  .type(SecurityScheme.Type.APIKEY)
                  .in(SecurityScheme.In.COOKIE)
                  .name("GEMINAL")
                  .description("Who is signed in."))
          .addSecuritySchemes(
              TOKEN,
              new SecurityScheme()
                  .type(SecurityScheme.Type.APIKEY)
                  .in(SecurityScheme.In.HEADER)
                  .name("X-XSRF-TOKEN")
                  .description("The value of the cookie XSRF-TOKEN, with every change."))
          .addSecuritySchemes(
              SCRIPT,
              new SecurityScheme()
                  .type(SecurityScheme.Type.HTTP)
                  .scheme("bearer")
                  .description(
                      "A token created in Shop, for scripts. Needs no cookie and no XSRF token."))
          .addSchemas(PROBLEM, problem());
      api.path("/api/v1/sign-in", signIn()).path("/api/v1/sign-out", signOut());
      AlwaysWritten.require(api);
      api.addSecurityItem(new SecurityRequirement().addList(SIGN_IN).addList(TOKEN));
      api.addSecurityItem(new SecurityRequirement().addList(SCRIPT));
    };
  }

  @Bean
  GlobalOperationCustomizer each() {
    return (operation, method) -> {
      String of = method.getBeanType().getSimpleName().replace("Controller", "");
      operation.setTags(List.of(of));
      operation.getResponses().addApiResponse("default", refused());
      return operation;
    };
  }

  private static ApiResponse refused() {
    return new ApiResponse()
        .description("Refused, with the place and what to do about it.")
        .content(
            new Content()
                .addMediaType(
                    "application/problem+json",
                    new MediaType()
                        .schema(new JsonSchema().$ref("#/components/schemas/" + PROBLEM))));
  }

  /** Not a method of ours, so that nothing else describes it. */
  private static PathItem signIn() {
    Schema<?> form = new JsonSchema().types(Set.of("object"));
    text(form, "login", "The name to sign in with.");
    text(form, "password", "The password.");
    form.required(List.of("login", "password"));
    return new PathItem()
        .post(
            ended("signIn", "Signs in; the answer sets the cookie GEMINAL.")
                .requestBody(
                    new RequestBody()
                        .required(true)
                        .content(
                            new Content()
                                .addMediaType(
                                    "application/x-www-form-urlencoded",
                                    new MediaType().schema(form)))));
  }

  private static PathItem signOut() {
    return new PathItem().post(ended("signOut", "Signs out."));
  }

  private static Operation ended(String id, String summary) {
    return new Operation()
        .operationId(id)
        .summary(summary)
        .tags(List.of("SignIn"))
        .responses(
            new ApiResponses()
                .addApiResponse("204", new ApiResponse().description("Done."))
                .addApiResponse("default", refused()));
  }

  /** RFC 9457, with the place in what was sent and the remedy. */
  private static Schema<?> problem() {
    Schema<?> problem = new JsonSchema().types(Set.of("object"));
    text(problem, "type", "Which kind of refusal, as a URI.");
    text(problem, "title", "The kind in a few words.");
    problem.addProperty(
        "status", new JsonSchema().types(Set.of("integer")).description("The HTTP status."));
    text(problem, "detail", "What is wrong.");
    text(problem, "where", "Where in the request, as a JSON pointer; empty for no place.");
    text(problem, "remedy", "What to do about it; may be empty.");
    text(problem, "instance", "The requested path.");
    text(problem, "words", "The detail with {0}, {1} in place of its figures; not there without.");
    problem.addProperty("figures", figures());
    return problem
        .required(List.of("type", "title", "status", "detail"))
        .description("Why something was refused (RFC 9457).");
  }

  private static Schema<?> figures() {
    Schema<?> figure = new JsonSchema().types(Set.of("object"));
    text(figure, "quantity", "length, temperature, temperature-change, mass, force and so on.");
    figure.addProperty(
        "value", new JsonSchema().types(Set.of("number")).description("In the unit."));
    text(figure, "unit", "The stored unit: mm, C, dC, kg, kN and so on.");
    Schema<?> all = new JsonSchema().types(Set.of("array"));
    all.setItems(figure.required(List.of("quantity", "value", "unit")));
    return all.description("The figures of words, in their order; not there without.");
  }

  private static void text(Schema<?> problem, String name, String description) {
    problem.addProperty(name, new JsonSchema().types(Set.of("string")).description(description));
  }
}
