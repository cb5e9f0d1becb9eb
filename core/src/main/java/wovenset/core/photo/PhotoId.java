package wovenset.core.photo;

import java.util.regex.Pattern;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/** A photo, named by the SHA-256 of its file's bytes: 64 lower-case hexadecimal digits. */
public record PhotoId(String sha256) {
    private static final Pattern FORM = Pattern.compile("[0-9a-f]{64}");

    public PhotoId {
        Checks.that(FORM.matcher(sha256).matches(), Reason.PHOTO_NAME);
    }
}
