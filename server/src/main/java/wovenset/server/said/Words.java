package wovenset.server.said;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.MessageFormat;
import java.util.Locale;
import java.util.Objects;
import java.util.Properties;
import wovenset.core.measure.Measure;
import wovenset.core.said.Said;

/** The one catalogue of words for the core's codes: {@code words/en.properties}. */
public final class Words {
    private static final Properties CATALOGUE = load();

    private Words() {}

    private static Properties load() {
        try (InputStreamReader file = new InputStreamReader(
                Objects.requireNonNull(Words.class.getResourceAsStream("/words/en.properties")),
                StandardCharsets.UTF_8)) {
            Properties catalogue = new Properties();
            catalogue.load(file);
            return catalogue;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static boolean has(String code) {
        return CATALOGUE.containsKey(code);
    }

    /** A code that a later version wrote is said as it is: the rest of what is shown must not suffer. */
    public static String of(Said said) {
        String pattern = CATALOGUE.getProperty(said.code());
        if (pattern == null) {
            return said.code();
        }
        Object[] args = said.args().stream().map(Words::argument).toArray();
        return new MessageFormat(pattern, Locale.ENGLISH).format(args);
    }

    private static Object argument(Object arg) {
        if (arg instanceof Said inner) {
            return of(inner);
        }
        return arg instanceof Measure ? arg.toString() : arg;
    }
}
