package wovenset.core.words;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.ObjectInputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.apache.fop.hyphenation.Hyphenation;
import org.apache.fop.hyphenation.HyphenationTree;
import wovenset.core.style.Language;

/**
 * Where words may be parted (Liang, “Word Hy-phen-a-tion by Com-put-er”, 1983), by the patterns of each language that the OFFO project
 * collected. At least two letters stay on a line and three come to the next one. Cost: linear in the square of a word's length; a
 * language's patterns are read once.
 */
public final class Hyphens {
    /** Words are never parted. */
    public static final Hyphens NONE = new Hyphens(Optional.empty());

    private static final int BEFORE = 2;
    private static final int AFTER = 3;
    private static final Map<Language, Hyphens> LOADED = new EnumMap<>(Language.class);

    private final Optional<HyphenationTree> patterns;

    private Hyphens(Optional<HyphenationTree> patterns) {
        this.patterns = patterns;
    }

    /** Those of a language. */
    public static Hyphens of(Language language) {
        synchronized (LOADED) {
            return LOADED.computeIfAbsent(language, one -> new Hyphens(Optional.of(read(one))));
        }
    }

    /** The patterns ship with the application: nothing from outside is read as objects. */
    private static HyphenationTree read(Language language) {
        String name = "/hyph/" + language.tag().replace('-', '_') + ".hyp";
        try (InputStream file = Objects.requireNonNull(HyphenationTree.class.getResourceAsStream(name), name);
                ObjectInputStream objects = new ObjectInputStream(new BufferedInputStream(file))) {
            return (HyphenationTree) objects.readObject();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (ClassNotFoundException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Before which chars of a word a line may end, in their order; signs that are no letters may stand at its ends. */
    List<Integer> points(String word) {
        if (patterns.isEmpty() || word.length() < BEFORE + AFTER) {
            return List.of();
        }
        Hyphenation found = patterns.get().hyphenate(word, BEFORE, AFTER);
        return found == null
                ? List.of()
                : Arrays.stream(found.getHyphenationPoints())
                        .filter(at -> at >= BEFORE && at <= word.length() - AFTER)
                        .boxed()
                        .toList();
    }
}
