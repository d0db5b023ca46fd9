package morphotera.app.api;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import morphotera.ground.Refused;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.DeserializationProblemHandler;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads bodies strictly and says all that is wrong at once: wrong types and unknown fields are noted while reading on, then
 * the body's own check adds to them. At most 1 MB, at most 30 deep.
 */
@Configuration
class Bodies {
    static final long MOST_BYTES = 1_000_000;
    private static final String NOTED = Bodies.class.getName();

    @Bean
    JsonMapperBuilderCustomizer strict() {
        return builder -> builder.enable(
                        DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(EnumFeature.READ_ENUMS_USING_TO_STRING)
                .addHandler(new Noting());
    }

    /** Jackson's limits sit in its factory, which a customizer cannot reach. */
    @Bean
    JsonMapper.Builder jsonMapperBuilder(java.util.List<JsonMapperBuilderCustomizer> customizers) {
        JsonMapper.Builder builder = JsonMapper.builder(JsonFactory.builder()
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxNestingDepth(30)
                        .maxNumberLength(100)
                        .maxStringLength(200_000)
                        .build())
                .build());
        customizers.forEach(customizer -> customizer.customize(builder));
        return builder;
    }

    private static Findings noted() {
        RequestAttributes request = RequestContextHolder.currentRequestAttributes();
        Findings findings = (Findings) request.getAttribute(NOTED, RequestAttributes.SCOPE_REQUEST);
        if (findings == null) {
            findings = new Findings();
            request.setAttribute(NOTED, findings, RequestAttributes.SCOPE_REQUEST);
        }
        return findings;
    }

    /** Notes what cannot be read and reads on. Outside a request Jackson's own fault stands. */
    private static final class Noting extends DeserializationProblemHandler {
        private static boolean inRequest() {
            return RequestContextHolder.getRequestAttributes() != null;
        }

        private static String here(DeserializationContext context) {
            return context.getParser().streamReadContext().pathAsPointer().toString();
        }

        @Override
        public boolean handleUnknownProperty(
                DeserializationContext context,
                JsonParser parser,
                ValueDeserializer<?> deserializer,
                Object bean,
                String name) {
            if (!inRequest()) {
                return false;
            }
            noted().refuse(
                            here(context),
                            "unknown-field",
                            "There is no '" + name + "' here; there are "
                                    + (deserializer == null
                                            ? "none"
                                            : String.join(
                                                    ", ",
                                                    deserializer.getKnownPropertyNames().stream()
                                                            .map(String::valueOf)
                                                            .toList()))
                                    + ".");
            parser.skipChildren();
            return true;
        }

        @Override
        public Object handleUnexpectedToken(
                DeserializationContext context, JavaType type, JsonToken token, JsonParser parser, String text) {
            if (!inRequest()) {
                return NOT_HANDLED;
            }
            note(context, type.getRawClass());
            parser.skipChildren();
            return null;
        }

        @Override
        public Object handleWeirdStringValue(
                DeserializationContext context, Class<?> type, String value, String text) {
            return inRequest() ? note(context, type) : NOT_HANDLED;
        }

        @Override
        public Object handleWeirdNumberValue(
                DeserializationContext context, Class<?> type, Number value, String text) {
            return inRequest() ? note(context, type) : NOT_HANDLED;
        }

        private static Object note(DeserializationContext context, Class<?> type) {
            noted().refuse(here(context), "wrong-type", "A " + spoken(type) + " is expected here.");
            return null;
        }

        private static String spoken(Class<?> type) {
            return switch (type.getSimpleName()) {
                case "Double", "double", "Integer", "int", "Long" -> "number";
                case "Boolean", "boolean" -> "true or false";
                case "String" -> "text";
                case "UUID" -> "UUID";
                case "LocalDate" -> "day such as 2031-05-14";
                case "Instant" -> "time in UTC such as 2031-05-14T09:30:00Z";
                case "List" -> "list";
                default -> "object";
            };
        }
    }

    /** Cuts a body off at its limit, and throws what was noted once it has been read. */
    @ControllerAdvice
    static class Advice extends RequestBodyAdviceAdapter {
        @Override
        public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> by) {
            return true;
        }

        @Override
        public HttpInputMessage beforeBodyRead(
                HttpInputMessage message,
                MethodParameter parameter,
                Type type,
                Class<? extends HttpMessageConverter<?>> by)
                throws IOException {
            InputStream limited = new Limited(message.getBody());
            return new HttpInputMessage() {
                @Override
                public InputStream getBody() {
                    return limited;
                }

                @Override
                public HttpHeaders getHeaders() {
                    return message.getHeaders();
                }
            };
        }

        @Override
        public Object afterBodyRead(
                Object body,
                HttpInputMessage message,
                MethodParameter parameter,
                Type type,
                Class<? extends HttpMessageConverter<?>> by) {
            Findings findings = noted();
            if (body instanceof Checked checked) {
                checked.check(findings);
            }
            if (!findings.refusals().isEmpty()) {
                throw new Refused(findings.refusals());
            }
            return body;
        }
    }

    private static final class Limited extends FilterInputStream {
        private long left = MOST_BYTES;

        Limited(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            return counted(super.read(), 1);
        }

        @Override
        public int read(byte[] to, int from, int most) throws IOException {
            int got = super.read(to, from, most);
            return counted(got, got);
        }

        private int counted(int result, int bytes) throws IOException {
            left -= result < 0 ? 0 : bytes;
            if (left < 0) {
                throw new TooLarge();
            }
            return result;
        }
    }
}
