package craftypocket.app.http;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the interface's description, without anything that differs from one machine to the next. */
@Configuration
class ApiDescription {

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info().title("Crafty Pocket").version("1"))
                .servers(List.of(new Server().url("/")));
    }
}
