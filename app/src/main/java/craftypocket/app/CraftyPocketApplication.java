package craftypocket.app;

import java.time.Clock;
import java.time.ZoneOffset;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** Starts Crafty Pocket: the HTTP interface, the store and the front end. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class CraftyPocketApplication {

    public static void main(String[] args) {
        try {
            SpringApplication.run(CraftyPocketApplication.class, args);
        } catch (RuntimeException failed) {
            if (StartProblems.sentence(failed) == null) {
                throw failed;
            }
            // It was told by then.
            System.exit(1);
        }
    }

    /** Ticks in milliseconds, so that a moment is the same before and after it was stored. */
    @Bean
    Clock clock() {
        return Clock.tickMillis(ZoneOffset.UTC);
    }
}
