package wovenset.core.said;

import java.util.List;

/**
 * Something to be said, before it is words.
 *
 * @param code names the sentence in the catalogue
 * @param args whole numbers, texts, and measures, in the order in which the sentence numbers them
 */
public record Said(String code, List<Object> args) {
    public Said {
        args = List.copyOf(args);
    }

    public static Said of(Code code, Object... args) {
        return new Said(code.code(), List.of(args));
    }

    /** For logs and tests; never shown. */
    @Override
    public String toString() {
        return code + args;
    }
}
