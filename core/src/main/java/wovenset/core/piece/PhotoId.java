package wovenset.core.piece;

import java.util.regex.Pattern;

/** A photo, named by the SHA-256 of its file's bytes: 64 lower-case hexadecimal digits. */
public record PhotoId(String sha256) {
    private static final Pattern FORM = Pattern.compile("[0-9a-f]{64}");

    public PhotoId {
        if (!FORM.matcher(sha256).matches()) {
            throw new IllegalArgumentException("A photo is named by 64 hexadecimal digits");
        }
    }
}
