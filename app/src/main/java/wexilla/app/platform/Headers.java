package wexilla.app.platform;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;

/**
 * Security headers. There is no sign-in and no session cookie yet, hence no CSRF token either: {@link Border} admits
 * no foreign origin and no form post. Styles may be inline because a tape's width and colour are; scripts may not.
 */
@Configuration(proxyBeanMethods = false)
class Headers {

    private static final String CONTENT_SECURITY_POLICY =
            "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; object-src 'none'; "
                    + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http) {
        return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .csrf(csrf -> csrf.disable())
                .logout(logout -> logout.disable())
                .requestCache(cache -> cache.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .contentTypeOptions(Customizer.withDefaults())
                        .referrerPolicy(Customizer.withDefaults())
                        .cacheControl(cache -> cache.disable()))
                .build();
    }
}
