package wovenset.bench.figure;

import java.nio.file.Path;
import java.util.List;

/** Something that is measured. */
public interface Benchmark {
    /** @param folder for its files */
    List<Figure> run(Path folder) throws Exception;
}
