package craftypocket.app.http;

import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import tools.jackson.databind.json.JsonMapper;

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

    @Bean
    SecurityFilterChain rules(HttpSecurity http, JsonMapper json) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.spa())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> {}))
                .exceptionHandling(exceptions -> exceptions.accessDeniedHandler((request, response, denied) -> {
                    ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                            HttpStatus.FORBIDDEN,
                            "This request came without this page’s token. Reload the page and try again.");
                    problem.setTitle("Not from this page");
                    response.setStatus(problem.getStatus());
                    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                    json.writeValue(response.getOutputStream(), problem);
                }))
                .build();
    }

    @Bean
    HttpFirewall firewall() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(OWN_HOSTS::contains);
        return firewall;
    }
}
