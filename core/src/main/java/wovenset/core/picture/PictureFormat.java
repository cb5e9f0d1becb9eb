package wovenset.core.picture;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** The file formats that photos are read from, told apart by their first bytes and never by their name. */
public enum PictureFormat {
    JPEG("jpg"),
    PNG("png"),
    WEBP("webp"),
    TIFF("tif"),
    GIF("gif"),
    BMP("bmp");

    private final String extension;

    PictureFormat(String extension) {
        this.extension = extension;
    }

    public String extension() {
        return extension;
    }

    /** @param start at least the first 16 bytes of the file, fewer only if it is shorter */
    static Optional<PictureFormat> of(byte[] start) {
        String head = new String(start, 0, Math.min(16, start.length), StandardCharsets.ISO_8859_1);
        if (head.startsWith("\u00ff\u00d8\u00ff")) {
            return Optional.of(JPEG);
        } else if (head.startsWith("\u0089PNG\r\n\u001a\n")) {
            return Optional.of(PNG);
        } else if (head.startsWith("RIFF") && head.startsWith("WEBP", 8)) {
            return Optional.of(WEBP);
        } else if (head.startsWith("II*\0") || head.startsWith("MM\0*")) {
            return Optional.of(TIFF);
        } else if (head.startsWith("GIF87a") || head.startsWith("GIF89a")) {
            return Optional.of(GIF);
        } else if (head.startsWith("BM")) {
            return Optional.of(BMP);
        }
        return Optional.empty();
    }
}
