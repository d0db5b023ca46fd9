package morphotera.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at the API: keeps cookies, sends the token back, reads JSON. */
public final class Client {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** By the server and the person. */
    private static final Map<String, List<HttpCookie>> SIGNED_IN = new ConcurrentHashMap<>();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;
    private final Map<String, String> headers = new LinkedHashMap<>();

    public Client() {
        this(RunningApp.port());
    }

    public Client(int port) {
        base = "http://localhost:" + port;
    }

    public static Client signedIn(String email) {
        return signedIn(email, RunningApp.port());
    }

    /** In the session that this person has, if any: a password's hash takes longer than most tests. */
    public static Client signedIn(String email, int port) {
        Client client = new Client(port);
        URI at = URI.create(client.base);
        List<HttpCookie> known = SIGNED_IN.getOrDefault(at + email, List.of());
        known.forEach(cookie -> client.cookies.getCookieStore().add(at, cookie));
        if (!known.isEmpty() && client.get("/api/session").status() == 200) {
            return client;
        }
        Client anew = signsIn(email, port);
        SIGNED_IN.put(at + email, anew.cookies.getCookieStore().get(at));
        return anew;
    }

    /** In a session of their own. */
    public static Client signsIn(String email, int port) {
        Client client = new Client(port);
        client.get("/api/welcome");
        client.send("POST", "/api/session", Map.of("email", email, "password", "slack-tide-41"))
                .expect(200);
        return client;
    }

    /** Somebody who begins a practice of their own on an empty server. */
    public static Client firstOwner(int port, String email, String password) {
        Client client = new Client(port);
        client.get("/api/welcome");
        Map<String, String> body = Map.of(
                "practiceId",
                id(),
                "personId",
                id(),
                "practice",
                "Newly begun",
                "name",
                "Newcomer",
                "email",
                email,
                "password",
                password);
        client.send("POST", "/api/first-owner", body).expect(200);
        client.get("/api/session");
        return client;
    }

    public static Client adviser() {
        return signedIn("adviser@tidewrack.example");
    }

    /** Says this with every request from now on; null stops it. */
    public Client with(String header, String value) {
        if (value == null) {
            headers.remove(header);
        } else {
            headers.put(header, value);
        }
        return this;
    }

    /** One request that says this, and none after it. */
    public Answer once(String header, String value, String verb, String path, Object body) {
        try {
            return with(header, value).send(verb, path, body);
        } finally {
            with(header, null);
        }
    }

    /** Saves what a file brought, however long it takes. */
    public Answer confirm(String importId) {
        Answer answer = send("POST", "/api/imports/" + importId + "/confirm", null);
        while (answer.status() == 202) {
            answer = send("POST", "/api/imports/" + importId + "/confirm", null);
        }
        return answer;
    }

    /** The lines of a stream of events, as they come; it ends with the reader. */
    public BufferedReader stream(String path, String lastEventId) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(base + path)).header("Accept", "text/event-stream");
        if (lastEventId != null) {
            request.header("Last-Event-ID", lastEventId);
        }
        try {
            HttpResponse<InputStream> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofInputStream());
            return new BufferedReader(new InputStreamReader(answer.body(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** An answer: its status and, where it has one, its JSON. */
    public record Answer(int status, JsonNode json, HttpResponse<String> response) {
        public Answer expect(int wanted) {
            if (status != wanted) {
                throw new AssertionError("expected " + wanted + ", was " + status + ": " + response.body());
            }
            return this;
        }

        /** What is refused, as {@code path code}. */
        public List<String> refusals() {
            return StreamSupport.stream(json.get("errors").spliterator(), false)
                    .map(one ->
                            one.get("path").asString() + " " + one.get("code").asString())
                    .toList();
        }

        public String text(String pointer) {
            return json.at(pointer).asString();
        }
    }

    public Answer get(String path) {
        return call("GET", path, null, true);
    }

    public Answer send(String verb, String path, Object body) {
        return call(verb, path, body == null ? null : JSON.writeValueAsString(body), true);
    }

    /** A body as it stands, JSON or not. */
    public Answer raw(String verb, String path, String body) {
        return call(verb, path, body, true);
    }

    /** A file as it is. */
    public Answer file(String verb, String path, byte[] bytes) {
        return ask(verb, path, HttpRequest.BodyPublishers.ofByteArray(bytes), true);
    }

    /** What comes back that is no JSON. */
    public HttpResponse<byte[]> download(String path) {
        try {
            return http.send(
                    HttpRequest.newBuilder(URI.create(base + path)).build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public Answer withoutToken(String verb, String path, Object body) {
        return call(verb, path, JSON.writeValueAsString(body), false);
    }

    private Answer call(String verb, String path, String body, boolean token) {
        return ask(
                verb,
                path,
                body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body),
                token);
    }

    private Answer ask(String verb, String path, HttpRequest.BodyPublisher body, boolean token) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .method(verb, body);
        headers.forEach(request::header);
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> token && cookie.getName().equals("XSRF-TOKEN"))
                .forEach(cookie -> request.header("X-XSRF-TOKEN", cookie.getValue()));
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            String text = response.body();
            boolean isJson = response.headers()
                    .firstValue("Content-Type")
                    .map(type -> type.contains("json"))
                    .orElse(false);
            return new Answer(response.statusCode(), isJson && !text.isBlank() ? JSON.readTree(text) : null, response);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The season's card of a field. */
    public JsonNode card(String field) {
        return StreamSupport.stream(
                        get("/api/season").expect(200).json().get("fields").spliterator(), false)
                .filter(card -> card.at("/field/name").asString().equals(field))
                .findFirst()
                .orElseThrow();
    }

    public static String id() {
        return new UUID(System.nanoTime() << 16 | 0x7000, UUID.randomUUID().getLeastSignificantBits()).toString();
    }
}
