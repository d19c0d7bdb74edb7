package craftypocket.app.http;

import java.util.List;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter;

/**
 * One performer on one machine needs no password, but other sites open in the same browser must not reach in: hence the
 * check of the host name, the token against forged requests and the strict content policy.
 */
@Configuration
class SecurityRules {

    private static final Set<String> OWN_HOSTS = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    private static final String CONTENT_POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";

    /** Only the microphone, which hears beats when it is asked to; nothing of what it hears leaves the page. */
    private static final String PERMISSIONS = "camera=(), geolocation=(), microphone=(self), payment=(), usb=()";

    @Bean
    SecurityFilterChain rules(HttpSecurity http, ProblemWriter problems) throws Exception {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        ProblemDetail notFromHere = Problems.of(
                HttpStatus.FORBIDDEN,
                "Not from this page",
                "This request came without this page’s token. Reload the page and try again.",
                List.of());
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .logout(logout -> logout.disable())
                .requestCache(cache -> cache.disable())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(SecurityRules::headers)
                .exceptionHandling(exceptions -> exceptions.accessDeniedHandler(
                        (request, response, denied) -> problems.write(notFromHere, response)))
                .build();
    }

    private static void headers(HeadersConfigurer<HttpSecurity> headers) {
        // At once, for an answer without a body, as to HEAD, is under way before anybody else could add to it.
        headers.addObjectPostProcessor(atOnce());
        // Files say themselves how long they may be kept, and the gate of everything else.
        headers.cacheControl(cache -> cache.disable())
                .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(referrer -> {})
                .permissionsPolicyHeader(permissions -> permissions.policy(PERMISSIONS))
                .crossOriginOpenerPolicy(opener ->
                        opener.policy(CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy.SAME_ORIGIN))
                .crossOriginResourcePolicy(resources ->
                        resources.policy(CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy.SAME_ORIGIN));
    }

    private static ObjectPostProcessor<HeaderWriterFilter> atOnce() {
        return new ObjectPostProcessor<>() {
            @Override
            public <F extends HeaderWriterFilter> F postProcess(F filter) {
                filter.setShouldWriteHeadersEagerly(true);
                return filter;
            }
        };
    }

    /** What the firewall turns away, such as a foreign host name or a path with tricks in it. */
    @Bean
    RequestRejectedHandler turnedAway(ProblemWriter problems) {
        ProblemDetail problem = Problems.of(
                HttpStatus.BAD_REQUEST,
                "Not understood",
                "There is something in this address that is not accepted. Open Crafty Pocket at its own address.",
                List.of());
        return (request, response, rejected) -> problems.write(problem, response);
    }

    @Bean
    HttpFirewall firewall() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(OWN_HOSTS::contains);
        return firewall;
    }
}
