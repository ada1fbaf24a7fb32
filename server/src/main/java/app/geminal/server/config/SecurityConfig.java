package app.geminal.server.config;

import app.geminal.server.account.SignInLengths;
import app.geminal.server.account.SignInThrottle;
import app.geminal.server.account.SignIns;
import app.geminal.server.account.TokenCookie;
import app.geminal.server.network.ShopNetwork;
import app.geminal.server.problem.Problem;
import app.geminal.server.problem.ProblemWriter;
import app.geminal.server.problem.Problems;
import app.geminal.server.token.TokenFilter;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Everything is closed but the pages themselves and signing in. */
@Configuration(proxyBeanMethods = false)
class SecurityConfig {
  /** Styles set from script by attribute are allowed; style and script elements only from here. */
  private static final String CONTENT_SECURITY_POLICY =
      String.join(
          "; ",
          "default-src 'none'",
          "script-src 'self'",
          "style-src 'self'",
          "style-src-attr 'unsafe-inline'",
          "img-src 'self' data:",
          "font-src 'self'",
          "connect-src 'self'",
          "manifest-src 'self'",
          "worker-src 'self'",
          "form-action 'self'",
          "base-uri 'none'",
          "frame-ancestors 'none'");

  /** For so long browsers use nothing but HTTPS. */
  private static final Duration HSTS = Duration.ofDays(30);

  private static final String[] PAGES =
      Stream.concat(
              PageConfig.VIEWS.stream(),
              Stream.of(
                  "/index.html",
                  "/favicon.svg",
                  "/icons/*",
                  "/manifest.webmanifest",
                  "/keeper.js",
                  "/assets/**"))
          .toArray(String[]::new);

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http,
      ProblemWriter problems,
      SignInThrottle throttle,
      TokenFilter tokens,
      SignIns signIns,
      SignInLengths lengths,
      ShopNetwork network,
      CookieCsrfTokenRepository csrfTokens,
      @Value("${server.servlet.session.cookie.name}") String sessionCookie) {
    return http.authorizeHttpRequests(requests ->
            requests
                .requestMatchers(HttpMethod.GET, PAGES)
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/api/v1/session")
                .permitAll()
                .requestMatchers(
                    HttpMethod.POST,
                    "/api/v1/sign-in",
                    "/api/v1/devices/sign-in",
                    "/api/v1/owner",
                    "/api/v1/archives",
                    "/api/v1/archives/*/restore")
                .permitAll()
                .requestMatchers("/error")
                .permitAll()
                .anyRequest()
                .authenticated())
        .csrf(csrf ->
            csrf.csrfTokenRepository(csrfTokens)
                .csrfTokenRequestHandler(new HeaderOnlyCsrf())
                // No other site can make a browser send a token.
                .ignoringRequestMatchers(TokenFilter::hasToken))
        // A visitor who is not signed in leaves no trace in the database.
        .requestCache(c -> c.disable())
        .formLogin(form ->
            form.loginPage("/sign-in")
                .loginProcessingUrl("/api/v1/sign-in")
                .usernameParameter("login")
                .successHandler((request, response, who) -> {
                  throttle.right(request);
                  request
                      .getSession()
                      .setMaxInactiveInterval(
                          Math.toIntExact(lengths.of(who.getName()).toSeconds()));
                  response.setStatus(HttpStatus.NO_CONTENT.value());
                })
                .failureHandler((request, response, e) -> {
                  if (e instanceof AuthenticationServiceException) {
                    throttle.right(request);
                    throw e;
                  }
                  problems.write(response, wrongSignIn());
                }))
        .logout(out ->
            out.logoutUrl("/api/v1/sign-out")
                .addLogoutHandler((request, response, who) -> {
                  HttpSession session = request.getSession(false);
                  if (session != null) {
                    signIns.ended(session.getId());
                  }
                })
                // Photographs and answers; what waits to be sent stays with its own person.
                .addLogoutHandler(
                    (request, response, who) -> response.setHeader("Clear-Site-Data", "\"cache\""))
                .logoutSuccessHandler(
                    (request, response, who) -> response.setStatus(HttpStatus.NO_CONTENT.value()))
                .deleteCookies(sessionCookie))
        .exceptionHandling(e ->
            e.authenticationEntryPoint(
                    (request, response, why) -> problems.write(response, notSignedIn()))
                .accessDeniedHandler(
                    (request, response, why) -> problems.write(response, Problems.forbidden())))
        .headers(h ->
            // A machine that is reached by plain HTTP for the page about trust must not be shut out
            // of it.
            h.httpStrictTransportSecurity(hsts ->
                    hsts.requestMatcher(r -> r.isSecure() && network.isTrustedByAll())
                        .includeSubDomains(false)
                        .maxAgeInSeconds(HSTS.toSeconds()))
                .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()")))
        .addFilterBefore(throttle, UsernamePasswordAuthenticationFilter.class)
        .addFilterBefore(tokens, AnonymousAuthenticationFilter.class)
        .build();
  }

  @Bean
  CookieCsrfTokenRepository csrfTokens(TokenCookie cookie) {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieName(cookie.name());
    return tokens;
  }

  /** The throttle belongs to the chain above and must not run a second time outside it. */
  @Bean
  FilterRegistrationBean<SignInThrottle> throttleOnlyInChain(SignInThrottle throttle) {
    FilterRegistrationBean<SignInThrottle> registration = new FilterRegistrationBean<>(throttle);
    registration.setEnabled(false);
    return registration;
  }

  /** The same for tokens. */
  @Bean
  FilterRegistrationBean<TokenFilter> tokensOnlyInChain(TokenFilter tokens) {
    FilterRegistrationBean<TokenFilter> registration = new FilterRegistrationBean<>(tokens);
    registration.setEnabled(false);
    return registration;
  }

  @Bean
  PasswordEncoder passwordEncoder() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  private static ProblemDetail wrongSignIn() {
    return Problem.of(
        HttpStatus.UNAUTHORIZED,
        "wrong-sign-in",
        ConfigText.WRONG_NAME_OR_PASSWORD.with(),
        ConfigText.NAME_OR_PASSWORD_IS_WRONG.with(),
        "",
        ConfigText.CHECK_BOTH_AND_TRY_AGAIN.with());
  }

  private static ProblemDetail notSignedIn() {
    return Problem.of(
        HttpStatus.UNAUTHORIZED,
        "not-signed-in",
        ConfigText.NOT_SIGNED_IN.with(),
        ConfigText.SIGN_IN_TO_DO_THIS.with(),
        "",
        ConfigText.SIGN_IN_AND_TRY_AGAIN.with());
  }
}
