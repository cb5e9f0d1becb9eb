package wovenset.server.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Talks to a running application as a browser or a script would. */
public final class Api {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final Duration PATIENCE = Duration.ofSeconds(180);

    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final String address;

    public Api(String address) {
        this.address = address;
    }

    /** What came back; {@code json} is missing if the body is no JSON. */
    public record Answer(int status, HttpResponse<byte[]> response) {
        public JsonNode json() {
            return MAPPER.readTree(response.body());
        }

        public byte[] bytes() {
            return response.body();
        }

        public String header(String name) {
            return response.headers().firstValue(name).orElse("");
        }

        /** The problem's words, with thin spaces made plain. */
        public String detail() {
            assertThat(header("Content-Type")).startsWith("application/problem+json");
            return json().path("detail").asString().replace('\u2009', ' ');
        }

        public String field() {
            return json().path("field").asString("");
        }
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response =
                    client.send(request.timeout(PATIENCE).build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(response.statusCode(), response);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path));
    }

    public Answer get(String path) {
        return send(request(path));
    }

    public Answer post(String path, Object body) {
        return send(request(path).header("Content-Type", "application/json").POST(json(body)));
    }

    public Answer put(String path, Object body) {
        return send(request(path).header("Content-Type", "application/json").PUT(json(body)));
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    private static HttpRequest.BodyPublisher json(Object body) {
        return HttpRequest.BodyPublishers.ofString(
                body instanceof String text ? text : MAPPER.writeValueAsString(body));
    }

    /** Starts a piece of this size in millimetres with a margin of 10 mm and gives its answer. */
    public JsonNode startPiece(String name, int widthMm, int heightMm) {
        Map<String, Object> format = Map.of(
                "width", widthMm * 1000, "height", heightMm * 1000, "bleed", 3000, "unit", "MM", "resolution", 300);
        Answer answer = post("/api/pieces", Map.of("name", name, "format", format, "margin", 10_000));
        assertThat(answer.status()).isEqualTo(201);
        return answer.json();
    }

    /** Makes an edit at this revision, with its fields as pairs of name and value. */
    public Answer edit(String piece, long revision, String kind, Object... fields) {
        Map<String, Object> edit = new LinkedHashMap<>();
        edit.put("kind", kind);
        for (int i = 0; i < fields.length; i += 2) {
            edit.put((String) fields[i], fields[i + 1]);
        }
        return post("/api/pieces/" + piece + "/edits", Map.of("revision", revision, "edit", edit, "window", "test"));
    }

    /** A page with its scene. */
    public JsonNode page(String piece, String page) {
        Answer answer = get("/api/pieces/" + piece + "/pages/" + page);
        assertThat(answer.status()).isEqualTo(200);
        return answer.json();
    }

    /** The n-th page of a piece with its scene. */
    public JsonNode page(String piece, int n) {
        return page(piece, piece(piece).path("pages").get(n).path("id").asString());
    }

    /** The sprites of these looks, in one answer; {@link #pictures} takes it apart. */
    public Answer sprites(String piece, String page, double pixelsPerMm, List<String> names) {
        return post(
                "/api/pieces/" + piece + "/pages/" + page + "/sprites",
                Map.of(
                        "sprites",
                        names.stream()
                                .map(name -> Map.of("name", name, "phaseX", 0, "phaseY", 0))
                                .toList(),
                        "pixelsPerMm",
                        pixelsPerMm));
    }

    /** A sprite's pixels in rows, four bytes each: red, green, blue, how solid; none if its photo cannot be read. */
    @SuppressWarnings("ArrayRecordComponent") // Only looked at.
    /** This style with one border inside, round corners and these effects. Micrometres. */
    public static JsonNode styled(JsonNode style, int border, String colour, int radius, Object... effects) {
        ObjectNode styled = style.deepCopy().asObject();
        styled.set(
                "bands",
                MAPPER.valueToTree(List.of(Map.of(
                        "width",
                        border,
                        "paint",
                        Map.of("kind", "solid", "colour", colour),
                        "side",
                        "INSIDE",
                        "bevel",
                        0))));
        styled.set("corners", MAPPER.valueToTree(Map.of("cut", "ROUND", "size", radius)));
        styled.set("effects", MAPPER.valueToTree(effects));
        return styled;
    }

    public record Sprite(int width, int height, byte[] pixels) {}

    public static List<Sprite> pictures(Answer sprites) {
        return pictures(ByteBuffer.wrap(sprites.bytes()));
    }

    /** A preview with its pictures behind it. */
    public record Drawn(JsonNode preview, List<Sprite> pictures) {}

    public static Drawn drawn(Answer answer) {
        ByteBuffer bytes = ByteBuffer.wrap(answer.bytes());
        byte[] json = new byte[bytes.getInt()];
        bytes.get(json);
        return new Drawn(MAPPER.readTree(json), pictures(bytes));
    }

    private static List<Sprite> pictures(ByteBuffer bytes) {
        List<Sprite> pictures = new ArrayList<>();
        while (bytes.hasRemaining()) {
            int width = bytes.getInt();
            int height = bytes.getInt();
            byte[] pixels = new byte[width * height * 4];
            bytes.get(pixels);
            pictures.add(new Sprite(width, height, pixels));
        }
        return pictures;
    }

    public JsonNode piece(String id) {
        Answer answer = get("/api/pieces/" + id);
        assertThat(answer.status()).isEqualTo(200);
        return answer.json();
    }

    /** Brings files in, in one request; the results are in their order. */
    public List<JsonNode> bring(String piece, Map<String, byte[]> files) {
        return bring(piece, files, UUID.randomUUID().toString());
    }

    public List<JsonNode> bring(String piece, Map<String, byte[]> files, String batch) {
        Answer answer = upload(piece, files, batch);
        assertThat(answer.status())
                .as(new String(answer.bytes(), StandardCharsets.UTF_8))
                .isEqualTo(200);
        return answer.json().path("results").valueStream().toList();
    }

    public Answer upload(String piece, Map<String, byte[]> files, String batch) {
        String boundary = "----" + UUID.randomUUID();
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        files.forEach((name, bytes) -> {
            body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
                            + name.replace("\"", "%22") + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                    .getBytes(StandardCharsets.UTF_8));
            body.writeBytes(bytes);
            body.writeBytes("\r\n".getBytes(StandardCharsets.UTF_8));
        });
        body.writeBytes(("--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(request("/api/pieces/" + piece + "/photos?batch=" + batch)
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /** Asks for a file and waits until it is made, has failed or was stopped. */
    public JsonNode make(String piece, String kind, List<Integer> pages, double resolution) {
        return make(piece, kind, pages, resolution, "TRIM");
    }

    /** @param extent {@code TRIM}, or {@code BLEED} for what is cut off, too */
    public JsonNode make(String piece, String kind, List<Integer> pages, double resolution, String extent) {
        return ended(startMake(piece, kind, pages, resolution, extent));
    }

    /** Asks for a file, and does not wait for it. */
    public String startMake(String piece, String kind, List<Integer> pages, double resolution, String extent) {
        Answer answer = post(
                "/api/pieces/" + piece + "/makes",
                Map.of(
                        "kind",
                        kind,
                        "pages",
                        pages,
                        "resolution",
                        resolution,
                        "jpegQuality",
                        90,
                        "ground",
                        "PAGE_COLOUR",
                        "extent",
                        extent,
                        "photos",
                        "FITTED"));
        assertThat(answer.status()).isEqualTo(202);
        return answer.json().path("id").asString();
    }

    /** The file that was made. */
    public byte[] made(JsonNode make) {
        assertThat(make.path("state").asString()).isEqualTo("DONE");
        return get("/api/makes/" + make.path("id").asString() + "/file").bytes();
    }

    public JsonNode ended(String make) {
        Await.until("the file is made", () -> !List.of("WAITING", "MAKING")
                .contains(get("/api/makes/" + make).json().path("state").asString()));
        return get("/api/makes/" + make).json();
    }
}
