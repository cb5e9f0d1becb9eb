package wovenset.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * All sprites of a page of 60 frames at 1000 × 700 px over HTTP, six requests at a time as a browser sends them. Cold is
 * a server that was just restarted (derived sizes on the disk, nothing in memory); warm is after a change of the dress,
 * so that every sprite is drawn anew from photos in memory. The baseline is the Java platform alone writing one picture
 * of 1000 × 700 px as PNG.
 */
final class SpriteBench implements Bench.Benchmark {
    private static final int ROUNDS = 9;
    private static final int AT_ONCE = 6;

    private final ExecutorService pool = Executors.newFixedThreadPool(AT_ONCE);

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FAST, "")) {
            String id = SixtyFrames.start(new Api(application.address()));
            double[] cold = new double[ROUNDS];
            double[] warm = new double[ROUNDS];
            for (int round = 0; round < ROUNDS; round++) {
                application.restart();
                Api api = new Api(application.address());
                JsonNode piece = api.piece(id);
                cold[round] = sprites(api, id, piece.path("scenes").get(0));
                for (int i = 0; i < 3; i++) {
                    JsonNode dressed = dress(api, id, 300 + 10 * i + round);
                    warm[round] = sprites(api, id, dressed.path("scenes").get(0));
                }
            }
            double baseline = plainPng();
            return List.of(Figure.atMost("a page's sprites at 1000 × 700 px, cold", median(cold), "ms", baseline, 150),
                    Figure.atMost("a page's sprites at 1000 × 700 px, warm", median(warm), "ms", baseline, 40));
        } finally {
            pool.shutdown();
        }
    }

    private static JsonNode dress(Api api, String id, int border) {
        Map<String, Object> captions = Map.of("show", "BELOW", "typeface", "Alegreya", "sizePt", 11, "colour", "#22293a", "lines", 1);
        return api.edit(id, api.piece(id).path("revision").asLong(), "setDress", "dress", Map.of("pageColour", "#ffffff", "borderColour", "#22293a",
                "borderWidth", border, "cornerRadius", 0, "captions", captions)).json();
    }

    private double sprites(Api api, String id, JsonNode scene) throws Exception {
        double pixelsPerMm = 1000.0 / SixtyFrames.WIDTH_MM;
        List<Callable<Integer>> requests = new ArrayList<>();
        for (JsonNode frame : scene.path("frames")) {
            String path = "/api/pieces/" + id + "/pages/" + scene.path("pageId").asString() + "/sprites/" + frame.path("hash").asString()
                    + "?pixelsPerMm=" + pixelsPerMm;
            requests.add(() -> api.get(path).status());
        }
        long start = System.nanoTime();
        for (var answer : pool.invokeAll(requests)) {
            if (answer.get() != 200) {
                throw new IllegalStateException("A sprite was not drawn");
            }
        }
        return (System.nanoTime() - start) / 1e6;
    }

    private static double plainPng() throws IOException {
        BufferedImage image = TestPhotos.scene(1000, 700, 1);
        double[] times = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long start = System.nanoTime();
            ImageIO.write(image, "png", new ByteArrayOutputStream());
            times[i] = (System.nanoTime() - start) / 1e6;
        }
        return median(times);
    }

    private static double median(double[] times) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
