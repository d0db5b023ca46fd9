package morphotera.app.api;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.util.List;
import morphotera.ground.Coded;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * Reads bodies strictly and says all that is wrong at once: wrong types and unknown fields first, then the body's own check
 * adds to them. At most 5 MB, 1 MB from who is not signed in; at most 30 deep.
 */
@Configuration
class Bodies {
    private static final int MOST_BYTES = 5_000_000;
    private static final int MOST_BYTES_OF_A_STRANGER = 1_000_000;
    private static final String NOTED = Bodies.class.getName();

    /** Jackson's limits sit in its factory, which a customizer cannot reach. */
    @Bean
    JsonMapper.Builder jsonMapperBuilder(List<JsonMapperBuilderCustomizer> customizers) {
        JsonMapper.Builder builder = JsonMapper.builder(JsonFactory.builder()
                        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                        .streamReadConstraints(StreamReadConstraints.builder()
                                .maxNestingDepth(30)
                                .maxNumberLength(100)
                                .build())
                        .build())
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                // A version that is missing is 0: new.
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .addModule(new SimpleModule().addSerializer(Coded.class, new CodedWriter()));
        customizers.forEach(customizer -> customizer.customize(builder));
        return builder;
    }

    /** Constants leave as their words, lower case with hyphens. */
    private static final class CodedWriter extends StdSerializer<Coded> {
        CodedWriter() {
            super(Coded.class);
        }

        @Override
        public void serialize(Coded value, JsonGenerator to, SerializationContext context) {
            to.writeString(value.word());
        }
    }

    /** Holds the body against its type before it is bound, and throws what was noted once it has been. */
    @ControllerAdvice
    static class Advice extends RequestBodyAdviceAdapter {
        private final JsonMapper json;

        Advice(JsonMapper json) {
            this.json = json;
        }

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
            int most = isSignedIn() ? MOST_BYTES : MOST_BYTES_OF_A_STRANGER;
            byte[] bytes = message.getBody().readNBytes(most + 1);
            if (bytes.length > most) {
                throw new TooLarge(most / 1_000_000);
            }
            Findings findings = new Findings();
            JsonNode body = new Shapes(findings).check(json.readTree(bytes), type);
            RequestContextHolder.currentRequestAttributes()
                    .setAttribute(NOTED, findings, RequestAttributes.SCOPE_REQUEST);
            InputStream checked = new ByteArrayInputStream(json.writeValueAsBytes(body));
            return new HttpInputMessage() {
                @Override
                public InputStream getBody() {
                    return checked;
                }

                @Override
                public HttpHeaders getHeaders() {
                    return message.getHeaders();
                }
            };
        }

        private static boolean isSignedIn() {
            Authentication who = SecurityContextHolder.getContext().getAuthentication();
            return who != null && who.isAuthenticated() && !(who instanceof AnonymousAuthenticationToken);
        }

        @Override
        public Object afterBodyRead(
                Object body,
                HttpInputMessage message,
                MethodParameter parameter,
                Type type,
                Class<? extends HttpMessageConverter<?>> by) {
            Findings findings = (Findings) RequestContextHolder.currentRequestAttributes()
                    .getAttribute(NOTED, RequestAttributes.SCOPE_REQUEST);
            if (body instanceof Checked checked) {
                checked.check(findings);
            }
            findings.throwIfAny();
            return body;
        }
    }
}
