package wovenset.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.testing.TestPhotos;
import wovenset.server.scene.SpriteService;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * All sprites of a page of 12 and of 60 frames at 1000 × 700 px, drawn and packed, and the same over HTTP, in one answer as
 * the browser asks for them. Cold is a page whose photos were never drawn since the server started: their derived sizes
 * are on the disk. Warm is after a change of the style, so that every sprite is drawn anew from photos in memory. The
 * baseline is the Java platform alone writing one picture of 1000 × 700 px as PNG.
 */
final class SpriteBench implements Benchmark {
    private static final int ROUNDS = 7;
    private static final int WARM_UP = 3;
    private static final int AGAIN = 8;
    private static final double PIXELS_PER_MM = 1000.0 / FullPage.WIDTH_MM;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FAST, "")) {
            Api api = new Api(application.address());
            SpriteService service = application.bean(SpriteService.class);
            Way drawing = (piece, page, names) -> service
                    .sprites(
                            UUID.fromString(piece),
                            UUID.fromString(page),
                            names.stream()
                                    .map(name -> new SpriteService.Sprite(name, 0, 0))
                                    .toList(),
                            PIXELS_PER_MM,
                            null)
                    .stream()
                    .map(drawn -> drawn.join().length)
                    .toList();
            Way fetching = (piece, page, names) -> Api.pictures(api.sprites(piece, page, PIXELS_PER_MM, names)).stream()
                    .map(sprite -> sprite.pixels().length)
                    .toList();
            double baseline = plainPng();
            List<Figure> figures = new ArrayList<>();
            int seed = 0;
            for (FullPage.Grid grid : List.of(FullPage.TWELVE, FullPage.SIXTY)) {
                for (boolean http : new boolean[] {false, true}) {
                    double[] medians = measure(api, http ? fetching : drawing, grid, seed);
                    String name = "a page's " + grid.frames() + " sprites at 1000 × 700 px, "
                            + (http ? "over HTTP, " : "drawn, ");
                    figures.add(Figure.atMost(name + "cold", medians[0], "ms", baseline, 150));
                    figures.add(Figure.atMost(name + "warm", medians[1], "ms", baseline, 40));
                    seed += 100;
                }
            }
            return figures;
        }
    }

    /** How sprites are had: how many bytes each of them has. */
    private interface Way {
        List<Integer> sprites(String piece, String page, List<String> names);
    }

    /** The medians of cold and warm, once the Java platform has compiled what is measured. */
    private double[] measure(Api api, Way way, FullPage.Grid grid, int seed) throws Exception {
        double[] cold = new double[ROUNDS];
        double[] warm = new double[ROUNDS * AGAIN];
        for (int round = -WARM_UP; round < ROUNDS; round++) {
            String id = FullPage.start(api, grid, seed + WARM_UP + round);
            double first = sprites(way, id, api.page(id, 0).path("scene"));
            for (int i = 0; i < AGAIN; i++) {
                double again = sprites(way, id, bordered(api, id, 300 + 10 * i));
                if (round >= 0) {
                    warm[round * AGAIN + i] = again;
                }
            }
            if (round >= 0) {
                cold[round] = first;
            }
        }
        return new double[] {median(cold), median(warm)};
    }

    private static JsonNode bordered(Api api, String id, int border) {
        JsonNode style =
                api.piece(id).path("head").path("styles").path("frames").get(0);
        api.edit(
                id,
                api.piece(id).path("revision").asLong(),
                "setFrameStyle",
                "style",
                Api.styled(style, border, "#22293a", 0));
        return api.page(id, 0).path("scene");
    }

    private static double sprites(Way way, String id, JsonNode scene) {
        List<String> names = new ArrayList<>();
        scene.path("units").forEach(unit -> names.add(unit.path("name").asString()));
        long start = System.nanoTime();
        List<Integer> sizes = way.sprites(id, scene.path("pageId").asString(), names);
        double time = (System.nanoTime() - start) / 1e6;
        if (sizes.size() != names.size() || sizes.stream().anyMatch(size -> size < 2000)) {
            throw new IllegalStateException("A sprite was not drawn");
        }
        return time;
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
