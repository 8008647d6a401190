package didaxis.server;

import didaxis.server.School.Answer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;

/** A browser without a screen. */
public final class Person {
    private final String base;
    private final CookieManager cookies;
    private final HttpClient http;
    /** For whom the page speaks; empty where it does not say. */
    private final String speaksFor;

    Person(String base) {
        this(base, new CookieManager(), "");
        get("/api/session");
    }

    private Person(String base, CookieManager cookies, String speaksFor) {
        this.base = base;
        this.cookies = cookies;
        this.speaksFor = speaksFor;
        this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
    }

    /** Another page in the same browser, for whomever. */
    Person speakingFor(String username) {
        return new Person(base, cookies, username);
    }

    /** Opens a line of news; the first that is told on it. */
    CompletableFuture<String> firstNews(String path) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path)).build();
        HttpResponse<Stream<String>> line = answered(request, HttpResponse.BodyHandlers.ofLines());
        return CompletableFuture.supplyAsync(() -> line.body()
                .filter(said -> said.startsWith("event:"))
                .findFirst()
                .orElse("nothing"));
    }

    public Answer get(String path) {
        return send("GET", path, "");
    }

    /** A file. */
    public byte[] file(String path) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path)).build();
        HttpResponse<byte[]> response = answered(request, HttpResponse.BodyHandlers.ofByteArray());
        if (response.statusCode() != 200) throw new AssertionError(path + ": " + response.statusCode());
        return response.body();
    }

    public Answer post(String path, String body) {
        return send("POST", path, body);
    }

    public Answer put(String path, String body) {
        return send("PUT", path, body);
    }

    public Answer delete(String path) {
        return send("DELETE", path, "");
    }

    /** The page's own token, as it stands in the cookie. */
    String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("none");
    }

    Answer send(String method, String path, String body) {
        return send(method, path, body, "application/json");
    }

    Answer send(String method, String path, String body, String type) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body))
                .header("Content-Type", type)
                .header("X-XSRF-TOKEN", token())
                .headers(
                        speaksFor.isEmpty()
                                ? new String[] {"Accept", "*/*"}
                                : new String[] {"X-Didaxis-Person", speaksFor})
                .build();
        HttpResponse<String> response = answered(request, HttpResponse.BodyHandlers.ofString());
        return new Answer(response.statusCode(), response.body(), response);
    }

    private <T> HttpResponse<T> answered(HttpRequest request, HttpResponse.BodyHandler<T> handler) {
        try {
            return http.send(request, handler);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
