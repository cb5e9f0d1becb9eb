package wovenset.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.bench.figure.Times;
import wovenset.server.testing.Api;

/**
 * How long the start command takes with the demo's pieces there and the classes' archive made, database included, and how long
 * after it the first picture of a page comes. The baseline is a Java process that does nothing.
 */
final class StartBench implements Benchmark {
    private static final int STARTS = 5;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        int port = freePort();
        Map<String, String> settings = Map.of(
                "WOVENSET_DATA", folder.resolve("data").toString(),
                "WOVENSET_PORT", Integer.toString(port),
                "WOVENSET_DB_PORT", Integer.toString(freePort()));
        Times starts = new Times();
        Times pictures = new Times();
        Times bare = new Times();
        command(settings, "./wovenset", "demo");
        command(settings, "./wovenset", "stop");
        try {
            for (int i = 0; i < STARTS; i++) {
                starts.add(command(settings, "./wovenset", "start"));
                pictures.add(firstPicture(new Api("http://127.0.0.1:" + port)));
                command(settings, "./wovenset", "stop");
                bare.add(command(settings, "java", "-version"));
            }
        } finally {
            command(settings, "./wovenset", "stop");
        }
        return List.of(
                Figure.atMost("warm start, database included, median", starts.median(), "ms", bare.median(), 5000),
                Figure.atMost("the first picture after it, median", pictures.median(), "ms", bare.median(), 2000));
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static double command(Map<String, String> settings, String... command)
            throws IOException, InterruptedException {
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
        builder.environment().putAll(settings);
        long start = System.nanoTime();
        int ended = builder.start().waitFor();
        if (ended != 0) {
            throw new IOException(String.join(" ", command) + " ended with " + ended + "; see "
                    + Files.readString(Path.of(settings.get("WOVENSET_DATA"), "wovenset.log")));
        }
        return (System.nanoTime() - start) / 1e6;
    }

    /** Of the first page with photos. */
    private static double firstPicture(Api api) {
        long start = System.nanoTime();
        for (JsonNode shown : api.get("/api/pieces").json()) {
            String piece = shown.path("id").asString();
            JsonNode page = api.page(piece, 0);
            List<String> names = new ArrayList<>();
            page.path("scene")
                    .path("units")
                    .forEach(unit -> names.add(unit.path("name").asString()));
            if (!names.isEmpty()) {
                String id = page.path("page").path("id").asString();
                Api.pictures(api.sprites(piece, id, 1, names.subList(0, 1)));
                return (System.nanoTime() - start) / 1e6;
            }
        }
        throw new IllegalStateException("The demo has no page with photos");
    }
}
