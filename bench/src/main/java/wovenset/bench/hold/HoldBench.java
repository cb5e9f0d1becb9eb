package wovenset.bench.hold;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import tools.jackson.databind.JsonNode;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.ApplicationProcess;
import wovenset.server.testing.PrivateDatabase;

/**
 * What holds: files made to harm, scans of 104 MB four at a time, two posters at once, each with the memory of the application and
 * its children at its highest (heap of 512 MB); then {@value KillRounds#ROUNDS} rounds of killing. The baseline of a time is that of a
 * common photo, the baseline of a memory what the application holds before.
 */
public final class HoldBench implements Benchmark {
    private static final double SECONDS_ASKED = 5000;
    private static final double GROWTH_ASKED = 300;
    private static final double MEMORY_ASKED = 1500;
    private static final int SCANS = 4;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        List<Figure> figures = new ArrayList<>();
        try (PrivateDatabase database = PrivateDatabase.start(folder.resolve("db"), PrivateDatabase.Durability.FULL);
                ApplicationProcess application =
                        ApplicationProcess.start(database, folder.resolve("data"), folder.resolve("log"))) {
            Api api = application.api();
            String piece = api.startPiece("Hold", 900, 600).path("id").asString();
            api.bring(piece, Map.of("first.jpg", TestPhotos.jpeg(1200, 800, 1)));
            hostile(application, piece, folder).forEach(figures::add);
            figures.add(scans(application, piece));
            figures.add(posters(application));
        }
        figures.add(new KillRounds(folder.resolve("kill")).lost());
        return figures;
    }

    private static List<Figure> hostile(ApplicationProcess application, String piece, Path folder) throws Exception {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("TIFF of 20 000 directories.tif", HostileFiles.chained());
        files.put("PNG with words 100 000 deep.png", HostileFiles.nested());
        files.put("PNG whose words unpack to 500 MB.png", HostileFiles.swelling());
        files.put("JPEG of 883 scans.jpg", HostileFiles.scanned());
        files.put("PNG of 180 MP at 16 bits.png", Files.readAllBytes(HostileFiles.vast(folder.resolve("vast.png"))));
        List<Figure> figures = new ArrayList<>();
        int number = 0;
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            double usual = bring(application, piece, "usual.jpg", TestPhotos.jpeg(1200, 800, 100 + number++));
            double before = application.memory() / 1e6;
            try (Peak peak = new Peak(application)) {
                double time = bring(application, piece, file.getKey(), file.getValue());
                figures.add(Figure.atMost(file.getKey() + ", time", time, "ms", usual, SECONDS_ASKED));
                figures.add(Figure.atMost(
                        file.getKey() + ", memory at its highest",
                        peak.megabytes(),
                        "MB",
                        before,
                        before + GROWTH_ASKED));
            }
        }
        return figures;
    }

    private static double bring(ApplicationProcess application, String piece, String name, byte[] file) {
        long start = System.nanoTime();
        JsonNode result = application.api().bring(piece, Map.of(name, file)).get(0);
        if (result.path("status").asString().isEmpty()) {
            throw new IllegalStateException("There was no answer: " + result);
        }
        return (System.nanoTime() - start) / 1e6;
    }

    private static Figure scans(ApplicationProcess application, String piece) {
        double before = application.memory() / 1e6;
        try (Peak peak = new Peak(application)) {
            List<CompletableFuture<Void>> all = new ArrayList<>();
            for (int i = 0; i < SCANS; i++) {
                byte[] scan = HostileFiles.scan(i);
                all.add(CompletableFuture.runAsync(() -> {
                    JsonNode result = application
                            .api()
                            .bring(piece, Map.of("scan.tif", scan))
                            .get(0);
                    if (!result.path("status").asString().equals("ADDED")) {
                        throw new IllegalStateException("A scan was not taken: " + result);
                    }
                }));
            }
            all.forEach(CompletableFuture::join);
            return Figure.atMost("four scans of 104 MB at once, memory", peak.megabytes(), "MB", before, MEMORY_ASKED);
        }
    }

    /** 90 × 60 cm at 300 ppi as PNG, 60 × 45 cm at 600 ppi as JPEG. */
    private static Figure posters(ApplicationProcess application) {
        Api api = application.api();
        String wide = filled(api, 900, 600);
        String fine = filled(api, 600, 450);
        double before = application.memory() / 1e6;
        try (Peak peak = new Peak(application)) {
            List<String> makes = List.of(
                    api.startMake(wide, "PNG", List.of(0), 300, "TRIM"),
                    api.startMake(fine, "JPEG", List.of(0), 600, "TRIM"));
            for (String make : makes) {
                JsonNode ended = api.ended(make);
                if (!ended.path("state").asString().equals("DONE")) {
                    throw new IllegalStateException("A poster was not made: " + ended);
                }
            }
            return Figure.atMost("two posters at once, memory", peak.megabytes(), "MB", before, MEMORY_ASKED);
        }
    }

    private static String filled(Api api, int width, int height) {
        String piece = api.startPiece("Poster", width, height).path("id").asString();
        for (int i = 0; i < 4; i++) {
            api.bring(piece, Map.of(i + ".jpg", TestPhotos.jpeg(3000, 2000, 300 + i)));
        }
        api.edit(piece, api.piece(piece).path("revision").asLong(), "flowEntries");
        return piece;
    }

    /** Watches the memory until it is closed. */
    private static final class Peak implements AutoCloseable {
        private final ApplicationProcess application;
        private final AtomicLong most = new AtomicLong();
        private final AtomicBoolean over = new AtomicBoolean();
        private final CompletableFuture<Void> watching;

        Peak(ApplicationProcess application) {
            this.application = application;
            this.watching = CompletableFuture.runAsync(() -> {
                while (!over.get()) {
                    look();
                    LockSupport.parkNanos(50_000_000);
                }
            });
        }

        private void look() {
            most.accumulateAndGet(application.memory(), Math::max);
        }

        double megabytes() {
            look();
            return most.get() / 1e6;
        }

        @Override
        public void close() {
            over.set(true);
            watching.join();
        }
    }
}
