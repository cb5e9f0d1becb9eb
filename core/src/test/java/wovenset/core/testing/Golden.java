package wovenset.core.testing;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Locale;
import wovenset.core.geometry.BoxMm;

/**
 * Short names of what a search comes to. What is arranged by chance must be the same for the same seed on every machine, in a
 * month, too: its golden name changes with any change of the way there. Where that is meant, write the new name down.
 */
public final class Golden {
    private Golden() {}

    /** To a hundredth of a millimetre. */
    public static String box(BoxMm box) {
        return String.format(Locale.ROOT, "%.2f,%.2f,%.2f,%.2f", box.x(), box.y(), box.width(), box.height());
    }

    /** The first 12 signs of the text's SHA-256. */
    public static String name(Object text) {
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest(text.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(Arrays.copyOf(digest, 6));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
