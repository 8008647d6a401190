package didaxis.server.config;

import didaxis.core.circuit.PartKind;
import didaxis.server.account.SignedIn;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's description, from which the front end's types are made. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfig {
    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(SignedIn.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Didaxis").version("1")).servers(List.of(new Server().url("/")));
    }

    /** Every field of a record is there, but for those that may be null: these may also be left out. */
    @Bean
    @SuppressWarnings("rawtypes")
    OpenApiCustomizer everyFieldIsThere() {
        return api -> {
            if (api.getComponents() == null || api.getComponents().getSchemas() == null) return;
            for (Schema<?> schema : api.getComponents().getSchemas().values()) {
                Map<String, Schema> properties = schema.getProperties();
                if (properties != null) schema.setRequired(neverNull(properties));
            }
        };
    }

    /** The front end's list of kinds is then missed by its compiler when one is new. */
    @Bean
    @SuppressWarnings({"rawtypes", "unchecked"})
    OpenApiCustomizer kindsOfPartAreListed() {
        List<String> kinds = PartKind.TYPED.stream()
                .map(kind -> kind.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                .toList();
        return api -> {
            Schema edit = api.getComponents().getSchemas().get("Edit");
            ((Schema) edit.getProperties().get("kind")).setEnum(kinds);
        };
    }

    @SuppressWarnings("rawtypes")
    private static List<String> neverNull(Map<String, Schema> properties) {
        return properties.entrySet().stream()
                .filter(property -> property.getValue().getTypes() == null
                        || !property.getValue().getTypes().contains("null"))
                .map(Map.Entry::getKey)
                .toList();
    }
}
