package morphotera.e2e;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.UnaryOperator;

/**
 * Stands between the page and the jar: lets through, turns away what it is told to, says another thing than the jar said, and can
 * have a newer page than the jar's.
 */
final class Middle implements AutoCloseable {
    /** Said by each of the two connections for itself; nor is it asked whether a page is still the same. */
    private static final Set<String> OF_A_CONNECTION = Set.of(
            "host",
            "connection",
            "content-length",
            "transfer-encoding",
            "upgrade",
            "expect",
            "accept-encoding",
            "if-none-match",
            "if-modified-since");

    private static final String NEWER = "\n// A newer page.\n";

    private final Jar jar;
    private final HttpServer server;
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .executor(threads)
            .build();
    private volatile String away;
    private volatile boolean newer;
    private final Map<String, UnaryOperator<String>> lies = new ConcurrentHashMap<>();

    Middle(Jar jar) {
        this.jar = jar;
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        server.setExecutor(threads);
        server.createContext("/", this::pass);
        server.start();
    }

    /** The jar as it is reached from here. */
    Jar jar() {
        return jar.through(server.getAddress().getPort());
    }

    /** Addresses that begin so are answered with "not now"; null: all go through again. */
    void turnAway(String start) {
        away = start;
    }

    /** What the jar answers at this path is told otherwise from now on. */
    void says(String path, UnaryOperator<String> otherwise) {
        lies.put(path, otherwise);
    }

    void saysTheTruth() {
        lies.clear();
    }

    void hasNewerPage() {
        newer = true;
    }

    private void pass(HttpExchange exchange) throws IOException {
        try (exchange) {
            String path = exchange.getRequestURI().toString();
            if (away != null && path.startsWith(away)) {
                exchange.getResponseHeaders().set("Retry-After", "1");
                exchange.sendResponseHeaders(503, -1);
                return;
            }
            HttpResponse<InputStream> answer =
                    client.send(asked(exchange, path), HttpResponse.BodyHandlers.ofInputStream());
            answer.headers().map().forEach((name, values) -> {
                if (!OF_A_CONNECTION.contains(name.toLowerCase(Locale.ROOT))) {
                    values.forEach(value -> exchange.getResponseHeaders().add(name, value));
                }
            });
            boolean empty = answer.statusCode() == 204 || answer.statusCode() == 304;
            exchange.sendResponseHeaders(answer.statusCode(), empty ? -1 : 0);
            UnaryOperator<String> lie = lies.get(exchange.getRequestURI().getPath());
            if (lie != null && answer.statusCode() == 200) {
                String truth = new String(answer.body().readAllBytes(), StandardCharsets.UTF_8);
                exchange.getResponseBody().write(lie.apply(truth).getBytes(StandardCharsets.UTF_8));
            } else if (!empty) {
                body(answer.body(), exchange.getResponseBody());
                if (newer && path.equals("/sw.js")) {
                    exchange.getResponseBody().write(NEWER.getBytes(StandardCharsets.UTF_8));
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private HttpRequest asked(HttpExchange exchange, String path) throws IOException {
        byte[] body = exchange.getRequestBody().readAllBytes();
        HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create(jar.url(path)))
                .method(exchange.getRequestMethod(), HttpRequest.BodyPublishers.ofByteArray(body));
        exchange.getRequestHeaders().forEach((name, values) -> {
            if (!OF_A_CONNECTION.contains(name.toLowerCase(Locale.ROOT))) {
                values.forEach(value -> asked.header(name, value));
            }
        });
        return asked.build();
    }

    /** As it comes: events are not held back. */
    private static void body(InputStream from, OutputStream to) throws IOException {
        byte[] part = new byte[8192];
        for (int n = from.read(part); n >= 0; n = from.read(part)) {
            to.write(part, 0, n);
            to.flush();
        }
    }

    @Override
    public void close() {
        server.stop(0);
        threads.shutdownNow();
    }
}
