package wexilla.app.platform;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.HeaderParameter;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wexilla.core.kitchen.house.Household;

/** The OpenAPI document at /api/openapi.json. A record component is required unless it is marked nullable. */
@Configuration(proxyBeanMethods = false)
class ApiDocument {

    @Bean
    OpenAPI document() {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Household.class);
        return new OpenAPI()
                .servers(List.of(new Server().url("/")))
                .info(new Info().title("Wexilla").version("1"));
    }

    /** Every act may say when it happened. */
    @Bean
    OperationCustomizer happenedAt() {
        return (operation, method) -> {
            boolean act = operation.getParameters() != null
                    && operation.getParameters().stream().anyMatch(p -> "Idempotency-Key".equals(p.getName()));
            return act
                    ? operation.addParametersItem(new HeaderParameter()
                            .name(Happened.HEADER)
                            .description("when it happened, ISO 8601, if it had to wait for an answer")
                            .schema(new StringSchema().format("date-time"))
                            .required(false))
                    : operation;
        };
    }

    @Bean
    ModelConverter requiredUnlessNullable() {
        return new RequiredUnlessNullable();
    }

    private static final class RequiredUnlessNullable implements ModelConverter {

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            Schema<?> schema = chain.next().resolve(type, context, chain);
            JavaType javaType = TypeFactory.defaultInstance().constructType(type.getType());
            Class<?> raw = javaType.getRawClass();
            if (schema != null && raw.isRecord() && raw.getName().startsWith("wexilla.")) {
                Schema<?> defined = schema.get$ref() == null
                        ? schema
                        : context.getDefinedModels().get(raw.getSimpleName());
                if (defined != null) {
                    defined.setRequired(required(raw));
                }
            }
            return schema;
        }

        private static List<String> required(Class<?> record) {
            return Arrays.stream(record.getRecordComponents())
                    .filter(component -> !component.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .map(RecordComponent::getName)
                    .toList();
        }
    }
}
