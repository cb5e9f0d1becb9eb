package wovenset.bench;

import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.bench.figure.Times;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * {@value #PREVIEWS} different previews of a page of 400 frames, as a slider asks for them, every tenth with all its pictures: what
 * stays in the heap of 512 MB afterwards, and whether the last hundred take longer than the hundred after the first three.
 */
final class PreviewBench implements Benchmark {
    private static final int PREVIEWS = 3000;
    private static final int HUNDRED = 100;
    private static final long HALF_MB = 256;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FAST, "")) {
            Api api = new Api(application.address());
            String id = FullPage.start(api, new FullPage.Grid(20, 20), 7);
            JsonNode page = api.page(id, 0).path("page");
            Times early = new Times();
            Times late = new Times();
            for (int i = 0; i < PREVIEWS; i++) {
                double time = preview(api, id, page, i);
                if (i >= 3 * HUNDRED && i < 4 * HUNDRED) {
                    early.add(time);
                } else if (i >= PREVIEWS - HUNDRED) {
                    late.add(time);
                }
            }
            System.gc();
            long heap = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / 1_000_000;
            return List.of(
                    Figure.atMost(
                            "heap after " + PREVIEWS + " previews of 400 frames", (double) heap, "MB", 512, HALF_MB),
                    Figure.atMost(
                            "a preview of 400 frames among the last 100, median",
                            late.median(),
                            "ms",
                            early.median(),
                            Math.rint(12 * early.median()) / 10));
        }
    }

    private static double preview(Api api, String id, JsonNode page, int turn) {
        Map<String, Object> margins = Map.of("top", 20_000, "right", 20_000, "bottom", 20_000, "left", 20_000);
        Map<String, Object> grid = Map.of(
                "rows", 20, "columns", 20, "columnGap", 3_000 + turn, "rowGap", 3_000 + turn, "margins", margins);
        Map<String, Object> edit = Map.of("kind", "setGrid", "pageId", page.path("id"), "grid", grid, "reflow", "ASK");
        long start = System.nanoTime();
        JsonNode shown = api.post(
                        "/api/pieces/" + id + "/preview",
                        Map.of("edit", edit, "window", "bench", "turn", turn, "seen", page.path("id")))
                .json();
        double time = (System.nanoTime() - start) / 1e6;
        JsonNode units = shown.path("content").path("scene").path("units");
        if (units.size() != 400) {
            throw new IllegalStateException("The scene is not whole: " + shown);
        }
        if (turn % 10 == 0) {
            List<String> names = new ArrayList<>();
            units.forEach(unit -> names.add(unit.path("name").asString()));
            if (Api.pictures(api.sprites(id, page.path("id").asString(), 1, names))
                            .size()
                    != 400) {
                throw new IllegalStateException("Pictures are missing");
            }
        }
        return time;
    }
}
