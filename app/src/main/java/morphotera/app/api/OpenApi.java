package morphotera.app.api;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import morphotera.decide.Remedy;
import morphotera.decide.WaterBudget;
import morphotera.decide.remedies.Remedies;
import morphotera.follow.Forecast;
import morphotera.follow.forecasts.Forecasts;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.measure.methods.Methods;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The API's description, made complete where reflection alone falls short: every part of a record is there, what may be null says
 * so, and constants are their words.
 */
@Configuration
class OpenApi {
    private static final Set<Class<?>> BOXED = Set.of(Double.class, Integer.class, Boolean.class, Long.class);

    @Bean
    OpenAPI about() {
        return new OpenAPI()
                .info(new Info()
                        .title("Morphotera")
                        .version("0.1.0")
                        .description(
                                "Units stand in the names; instants are UTC; errors are application/problem+json."))
                .servers(new ArrayList<>());
    }

    @Bean
    OpenApiCustomizer complete() {
        return api -> {
            api.getComponents().getSchemas().forEach((name, schema) -> {
                Class<?> type = type(name);
                if (type != null && type.isRecord()) {
                    describeParts(schema, type);
                }
            });
            described(new FieldSchemas(api));
            // A steady order, so that the committed file changes only when the API does.
            api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
            api.setServers(null);
        };
    }

    private static void described(FieldSchemas schemas) {
        schemas.bodies(
                "/api/remedies/{id}/calculate",
                Remedies.ALL.stream()
                        .map(Remedy::description)
                        .filter(remedy ->
                                !remedy.fields().isEmpty() || remedy.id().equals("leave-it"))
                        .map(remedy -> new FieldSchemas.Body(
                                remedy.id(),
                                // Actions without a sum take nothing; one of them stands for all.
                                remedy.fields().isEmpty() ? "NoInput" : FieldSchemas.name(remedy.id(), "Input"),
                                Remedy.fields(remedy),
                                remedy.example()))
                        .toList());
        schemas.bodies(
                "/api/forecasts/{id}",
                Forecasts.ALL.stream()
                        .map(Forecast::description)
                        .map(forecast -> new FieldSchemas.Body(
                                forecast.id(),
                                FieldSchemas.name(forecast.id(), "ForecastInput"),
                                Forecast.fields(forecast),
                                forecast.example()))
                        .toList());
        schemas.bodies(
                "/api/water-budgets/calculate",
                List.of(new FieldSchemas.Body("loam", "WaterBudgetInput", WaterBudget.FIELDS, WaterBudget.EXAMPLE)));
        schemas.example(
                "/api/change/judge",
                "three-spots",
                Map.of(
                        "pairs",
                        List.of(
                                Map.of("before", 44, "after", 51),
                                Map.of("before", 38, "after", 47),
                                Map.of("before", 52, "after", 55)),
                        "observerSpread",
                        8,
                        "observerBiasBefore",
                        4,
                        "observerBiasAfter",
                        4));
        schemas.example(
                "/api/methods/{id}/evaluate",
                "smell",
                Map.of(
                        "context",
                        Map.of("use", "arable", "texture", "loam", "moisture", "moist", "daysSinceRain", 2),
                        "reading",
                        Map.of("smell", "earthy")));
        schemas.part(
                "morphotera.app.measure.MethodController.EvaluateBody",
                "reading",
                Methods.ALL.stream()
                        .map(method -> new FieldSchemas.Body(
                                method.id(),
                                FieldSchemas.name(method.id(), "Reading"),
                                method.description().fields(),
                                null))
                        .toList());
    }

    private static Class<?> type(String name) {
        for (String candidate = name; ; ) {
            try {
                return Class.forName(candidate);
            } catch (ClassNotFoundException nested) {
                int dot = candidate.lastIndexOf('.');
                if (dot < 0) {
                    return null;
                }
                candidate = candidate.substring(0, dot) + "$" + candidate.substring(dot + 1);
            }
        }
    }

    private static void describeParts(Schema<?> schema, Class<?> type) {
        Set<String> required = new LinkedHashSet<>();
        for (RecordComponent component : type.getRecordComponents()) {
            JsonProperty renamed = component.getAccessor().getAnnotation(JsonProperty.class);
            String name = renamed == null ? component.getName() : renamed.value();
            Schema<?> property = (Schema<?>) schema.getProperties().get(name);
            boolean nullable = component.isAnnotationPresent(Nullable.class) || BOXED.contains(component.getType());
            words(property, component.getGenericType());
            required.add(name);
            if (nullable) {
                schema.getProperties().put(name, orNull(property));
            }
        }
        schema.setRequired(List.copyOf(required));
    }

    @SuppressWarnings("unchecked")
    private static Schema<?> orNull(Schema<?> property) {
        if (property.get$ref() != null) {
            Schema<Object> none = new Schema<>();
            none.setTypes(Set.of("null"));
            Schema<Object> either = new Schema<>();
            either.setAnyOf(List.of(property, none));
            return either;
        }
        if (property.getTypes() != null) {
            Set<String> types = new LinkedHashSet<>(property.getTypes());
            types.add("null");
            property.setTypes(types);
        }
        if (property.getEnum() != null) {
            List<Object> orNull = new ArrayList<>(property.getEnum());
            orNull.add(null);
            ((Schema<Object>) property).setEnum(orNull);
        }
        return property;
    }

    @SuppressWarnings("unchecked")
    private static void words(Schema<?> property, Type type) {
        if (type instanceof ParameterizedType list && property.getItems() != null) {
            words(property.getItems(), list.getActualTypeArguments()[0]);
        } else if (type instanceof Class<?> plain && plain.isEnum() && Coded.class.isAssignableFrom(plain)) {
            List<Object> words = new ArrayList<>();
            Arrays.stream(plain.getEnumConstants()).forEach(one -> words.add(((Coded) one).word()));
            ((Schema<Object>) property).setEnum(words);
        }
    }
}
