package wovenset.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.server.photo.PhotoIntake;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * Bringing photos in: read, hash, check, turn upright, 400 px and 1600 px stored, the original stored and synced, its row
 * written; two at a time as the browser sends them. The baseline is libvips' own command making the same two sizes from
 * the same files, both sizes side by side so that it has both cores, with nothing hashed, synced or noted.
 */
final class ImportBench implements Benchmark {
    private static final int PHOTOS = 24;
    private static final int ROUNDS = 3;
    private static final int AT_ONCE = 2;
    private static final double ASKED = 2.5;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FULL, "")) {
            PhotoIntake intake = application.bean(PhotoIntake.class);
            List<Path> camera = LargePhotos.write(Files.createDirectories(folder.resolve("camera")), PHOTOS);
            List<Path> mixed = LargePhotos.mixed(Files.createDirectories(folder.resolve("mixed")), PHOTOS);
            bring(intake, variants(camera.subList(0, 8), -1000));
            return List.of(
                    measured("import of 12 MP JPEGs", intake, camera),
                    measured("import of mixed photos, some PNG and TIFF", intake, mixed));
        }
    }

    private static Figure measured(String name, PhotoIntake intake, List<Path> files) throws Exception {
        double ours = 0;
        double theirs = 0;
        Path folder = Objects.requireNonNull(files.get(0).getParent());
        for (int round = 0; round < ROUNDS; round++) {
            List<Path> fresh = variants(files, round * PHOTOS);
            theirs = Math.max(theirs, thumbnails(fresh, Files.createDirectories(folder.resolve("thumbs" + round))));
            ours = Math.max(ours, bring(intake, fresh));
            for (Path file : fresh) {
                Files.deleteIfExists(file);
            }
        }
        return new Figure(
                name,
                ours,
                "photos/s",
                theirs,
                "at least " + ASKED + " times as many as vipsthumbnail",
                ours >= ASKED * theirs);
    }

    private static List<Path> variants(List<Path> files, int first) throws IOException {
        List<Path> variants = new ArrayList<>();
        for (Path file : files) {
            variants.add(LargePhotos.variant(file, first + variants.size()));
        }
        return variants;
    }

    private static double bring(PhotoIntake intake, List<Path> files) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(AT_ONCE);
        try {
            long start = System.nanoTime();
            List<Callable<List<PhotoIntake.Result>>> work = files.stream()
                    .<Callable<List<PhotoIntake.Result>>>map(
                            file -> () -> intake.take(file, file.getFileName().toString()))
                    .toList();
            for (var done : pool.invokeAll(work)) {
                if (done.get().get(0).photo() == null) {
                    throw new IllegalStateException(
                            String.valueOf(done.get().get(0).reason()));
                }
            }
            return files.size() / ((System.nanoTime() - start) / 1e9);
        } finally {
            pool.shutdown();
        }
    }

    private static double thumbnails(List<Path> files, Path target) throws IOException, InterruptedException {
        long start = System.nanoTime();
        List<Process> both = new ArrayList<>();
        for (int size : new int[] {400, 1600}) {
            List<String> command = new ArrayList<>(List.of(
                    "vipsthumbnail",
                    "--size",
                    size + "x" + size,
                    "--eprofile",
                    "srgb",
                    "-o",
                    target + "/%s-" + size + ".jpg[Q=88]"));
            files.forEach(file -> command.add(file.toString()));
            both.add(new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start());
        }
        for (Process process : both) {
            if (process.waitFor() != 0) {
                throw new IllegalStateException("vipsthumbnail failed");
            }
        }
        return files.size() / ((System.nanoTime() - start) / 1e9);
    }
}
