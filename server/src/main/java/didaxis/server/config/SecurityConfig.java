package didaxis.server.config;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.savedrequest.NullRequestCache;
import org.springframework.session.web.http.CookieHttpSessionIdResolver;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.HttpSessionIdResolver;

/** Who may call what. Whose things they may see is for each feature to ask. */
@Configuration(proxyBeanMethods = false)
class SecurityConfig {
    private static final String CONTENT_SECURITY_POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none';"
                    + " form-action 'self'; frame-ancestors 'none'";

    @Bean
    @Order(1)
    SecurityFilterChain api(HttpSecurity http, Problems problems, CsrfTokenRepository tokens) throws Exception {
        return http.securityMatcher("/api/**", "/actuator/**", "/v3/**")
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .requestCache(cache -> cache.requestCache(new NullRequestCache()))
                .logout(logout -> logout.disable())
                .authorizeHttpRequests(
                        requests -> requests.dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.ASYNC)
                                .permitAll()
                                .requestMatchers("/api/session", "/actuator/health", "/v3/api-docs")
                                .permitAll()
                                .requestMatchers(HttpMethod.POST, "/api/first-teacher", "/api/colleague")
                                .permitAll()
                                .requestMatchers("/api/session/password")
                                .authenticated()
                                .requestMatchers("/api/my/**")
                                .hasRole("LEARNER")
                                .requestMatchers("/api/**")
                                .hasRole("TEACHER")
                                .anyRequest()
                                .denyAll())
                .exceptionHandling(handling -> handling.authenticationEntryPoint((request, response, e) ->
                                problems.write(response, Problem.of(HttpStatus.UNAUTHORIZED, "Please sign in first.")))
                        .accessDeniedHandler((request, response, e) -> problems.write(
                                response,
                                Problem.of(HttpStatus.FORBIDDEN, "This is not open to you.")
                                        .with("reason", e instanceof CsrfException ? "token" : "not-yours"))))
                .addFilterBefore(new SamePersonFilter(problems), AuthorizationFilter.class)
                .headers(SecurityConfig::headers)
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        return http.csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.requestCache(new NullRequestCache()))
                .logout(logout -> logout.disable())
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .headers(SecurityConfig::headers)
                .build();
    }

    /** Addresses hold circuits as they are typed: they are nobody else's business. */
    private static void headers(HeadersConfigurer<HttpSecurity> headers) {
        headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN));
    }

    @Bean
    CsrfTokenRepository csrfTokenRepository() {
        return CookieCsrfTokenRepository.withHttpOnlyFalse();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder();
    }

    /** Sign-in is our own; this keeps a user with a generated password from being made up. */
    @Bean
    UserDetailsService noUserDetails() {
        return username -> {
            throw new org.springframework.security.core.userdetails.UsernameNotFoundException(username);
        };
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    /** Sessions are looked up for the API only: a page or a picture needs none, and each look-up is a write. */
    @Bean
    HttpSessionIdResolver sessionIdResolver() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName("DIDAXIS-SESSION");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        CookieHttpSessionIdResolver cookies = new CookieHttpSessionIdResolver();
        cookies.setCookieSerializer(cookie);
        return new HttpSessionIdResolver() {
            @Override
            public List<String> resolveSessionIds(HttpServletRequest request) {
                return request.getRequestURI().startsWith("/api/") ? cookies.resolveSessionIds(request) : List.of();
            }

            @Override
            public void setSessionId(HttpServletRequest request, HttpServletResponse response, String id) {
                cookies.setSessionId(request, response, id);
            }

            @Override
            public void expireSession(HttpServletRequest request, HttpServletResponse response) {
                cookies.expireSession(request, response);
            }
        };
    }
}
