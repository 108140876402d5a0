package zafu.server.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the API document from which the front end's types are made. */
@Configuration
@ConditionalOnProperty("springdoc.api-docs.enabled")
class ApiDocument {
    @Bean
    OpenAPI document() {
        return new OpenAPI().info(new Info().title("Zafu").version("1")).servers(List.of(new Server().url("/")));
    }
}
