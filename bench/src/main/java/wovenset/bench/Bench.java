package wovenset.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.bench.hold.HoldBench;
import wovenset.core.picture.PhotoDecoder;

/** Runs the benchmarks that are named, or all but the long one that tries what holds. */
public final class Bench {
    private Bench() {}

    private static final Map<String, Benchmark> ALL = new LinkedHashMap<>();

    static {
        ALL.put("import", new ImportBench());
        ALL.put("edit", new EditBench());
        ALL.put("album", new AlbumBench());
        ALL.put("previews", new PreviewBench());
        ALL.put("sprites", new SpriteBench());
        ALL.put("pdf", new PdfBench());
        ALL.put("styled", new StyledBench());
        ALL.put("arrange", new ArrangeBench());
        ALL.put("flow", new FlowBench());
        ALL.put("adjust", new AdjustBench());
        ALL.put("adjusted", new AdjustedPageBench());
        ALL.put("mosaic", new MosaicBench());
        ALL.put("woven", new MosaicPageBench());
        ALL.put("start", new StartBench());
        ALL.put("hold", new HoldBench());
    }

    public static void main(String[] args) throws Exception {
        List<String> names = args.length == 0
                ? ALL.keySet().stream().filter(name -> !name.equals("hold")).toList()
                : List.of(args);
        for (String name : names) {
            if (!ALL.containsKey(name)) {
                System.err.println("There are the benchmarks " + String.join(", ", ALL.keySet()) + ".");
                System.exit(2);
            }
        }
        PhotoDecoder.warm();
        for (String name : names) {
            Path folder = Files.createTempDirectory("wovenset-bench");
            try {
                for (Figure figure : Objects.requireNonNull(ALL.get(name)).run(folder)) {
                    System.out.println(figure.json());
                }
            } finally {
                remove(folder);
            }
        }
        // Clients and servers keep idle threads for a while that nobody waits for.
        System.exit(0);
    }

    private static void remove(Path folder) throws IOException {
        try (var files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        }
    }
}
