package morphotera.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.json.JsonMapper;

/** Asks the server as a page does, without one. */
final class Caller {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final Jar jar;

    Caller(Jar jar) {
        this.jar = jar;
        get("/api/welcome");
    }

    Caller signIn(String email) {
        send("POST", "/api/session", "{\"email\":\"" + email + "\",\"password\":\"slack-tide-41\"}");
        return this;
    }

    HttpResponse<byte[]> get(String path) {
        return ask(HttpRequest.newBuilder(URI.create(jar.url(path))).build());
    }

    String send(String verb, String path, String body) {
        return send(verb, path, "application/json", BodyPublishers.ofString(body));
    }

    String send(String verb, String path, String type, BodyPublisher body) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        HttpResponse<byte[]> answer = ask(HttpRequest.newBuilder(URI.create(jar.url(path)))
                .header("Content-Type", type)
                .header("X-XSRF-TOKEN", token)
                .method(verb, body)
                .build());
        String text = new String(answer.body(), StandardCharsets.UTF_8);
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(path + " answered " + answer.statusCode() + ": " + text);
        }
        return text;
    }

    /** The file of an export, when it is there. */
    byte[] export(String asked) throws InterruptedException {
        String path = "/api/exports/"
                + JSON.readTree(send("POST", "/api/exports", asked)).get("id").asString();
        HttpResponse<byte[]> file = get(path);
        while (file.statusCode() == 202) {
            Thread.sleep(50);
            file = get(path);
        }
        return file.body();
    }

    /** What was looked at is saved, all of it; the state it is in then. */
    String confirm(String importId) throws InterruptedException {
        String path = "/api/imports/" + importId;
        String state =
                JSON.readTree(send("POST", path + "/confirm", "")).get("state").asString();
        while (state.equals("saving")) {
            Thread.sleep(50);
            state = JSON.readTree(get(path).body()).get("state").asString();
        }
        return state;
    }

    private HttpResponse<byte[]> ask(HttpRequest request) {
        try {
            return http.send(request, BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
