package morphotera;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import morphotera.decide.CauseTable;
import morphotera.measure.Bench;
import morphotera.measure.Evaluation;
import morphotera.measure.methods.Methods;
import morphotera.read.School;
import morphotera.read.Yardstick;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The shipped tables and the worked cases, read once for the tests. */
public final class Tables {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    public static final JsonNode WORKED_CASES = read("/morphotera/worked-cases.json");
    public static final Yardstick YARDSTICK =
            Yardstick.of(map(read("/morphotera/plain-yardstick.json")), School.BALANCED);
    public static final CauseTable CAUSES = CauseTable.of(map(read("/morphotera/plain-causes.json")));

    private static final JsonNode CONTRACTS = read("/morphotera/worked-contracts.json");

    private Tables() {}

    /** The worked cases of one address. */
    public static Stream<JsonNode> contracts(String post) {
        return StreamSupport.stream(CONTRACTS.spliterator(), false)
                .filter(one -> post.equals(one.path("post").asString("")));
    }

    /** The worked cases without an address of their own. */
    public static Stream<JsonNode> contractsAbout(String about) {
        return StreamSupport.stream(CONTRACTS.spliterator(), false)
                .filter(one -> about.equals(one.path("about").asString("")));
    }

    /** Evaluates with an arable loam on a good day, or with what is given in its place. */
    public static Evaluation evaluate(String method, Map<String, ?> context, Map<String, ?> reading) {
        return Bench.evaluate(Methods.find(method).orElseThrow(), context, reading, YARDSTICK);
    }

    /** What the worked cases of a method evaluate to. */
    public static Stream<Evaluation> workedReadings(String method) {
        return StreamSupport.stream(WORKED_CASES.get("methods").spliterator(), false)
                .filter(one -> one.get("method").asString().equals(method))
                .map(one -> evaluate(method, map(one.get("context")), map(one.get("reading"))));
    }

    @SuppressWarnings("unchecked")
    public static Map<String, Object> map(JsonNode node) {
        return JSON.convertValue(node, Map.class);
    }

    private static JsonNode read(String resource) {
        try (InputStream in = Tables.class.getResourceAsStream(resource)) {
            return JSON.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
