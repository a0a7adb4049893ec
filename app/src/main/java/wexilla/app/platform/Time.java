package wexilla.app.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock. {@code --wexilla.now=2026-11-23T17:00:00Z} holds it still for pictures; tests bring their own. */
@Configuration(proxyBeanMethods = false)
class Time {

    @Bean
    @ConditionalOnMissingBean
    Clock clock(@Value("${wexilla.now:}") String now) {
        return now.isBlank() ? Clock.systemUTC() : Clock.fixed(Instant.parse(now), ZoneOffset.UTC);
    }
}
