package wovenset.core.picture.file;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import wovenset.core.said.Reason;

/** The file formats that photos are read from, told apart by their first bytes and never by their name. */
public enum PictureFormat {
    JPEG("jpg"),
    PNG("png"),
    WEBP("webp"),
    TIFF("tif"),
    GIF("gif"),
    BMP("bmp"),
    HEIC("heic"),
    AVIF("avif");

    /** Brands of ISO/IEC 23008-12 and of AVIF 1.1, pictures and sequences of them. */
    private static final Set<String> HEIC_BRANDS =
            Set.of("heic", "heix", "hevc", "hevx", "heim", "heis", "hevm", "hevs", "mif1", "msf1");

    private static final Set<String> AVIF_BRANDS = Set.of("avif", "avis");

    private final String extension;

    PictureFormat(String extension) {
        this.extension = extension;
    }

    public String extension() {
        return extension;
    }

    /** @param start at least the first 16 bytes of the file, fewer only if it is shorter */
    public static Optional<PictureFormat> of(byte[] start) {
        String head = head(start);
        if (head.startsWith("\u00ff\u00d8\u00ff")) {
            return Optional.of(JPEG);
        } else if (head.startsWith("\u0089PNG\r\n\u001a\n")) {
            return Optional.of(PNG);
        } else if (head.startsWith("RIFF") && head.startsWith("WEBP", 8)) {
            return Optional.of(WEBP);
        } else if (head.matches("(?s)(II[*+]\0|MM\0[*+]).*")) {
            return Optional.of(TIFF);
        } else if (head.startsWith("GIF87a") || head.startsWith("GIF89a")) {
            return Optional.of(GIF);
        } else if (head.startsWith("BM")) {
            return Optional.of(BMP);
        } else if (HEIC_BRANDS.contains(brand(head))) {
            return Optional.of(HEIC);
        } else if (AVIF_BRANDS.contains(brand(head))) {
            return Optional.of(AVIF);
        }
        return Optional.empty();
    }

    /** Why a file of none of these formats is refused: some are told by their kind, with a way out. */
    public static Reason refusal(byte[] start) {
        String head = head(start);
        if (head.startsWith("\u00ff\n") || head.startsWith("\0\0\0\fJXL ")) {
            return Reason.FILE_JPEG_XL;
        }
        boolean video = !brand(head).isEmpty()
                || head.startsWith("RIFF") && head.startsWith("AVI ", 8)
                || head.startsWith("\u001aE\u00df\u00a3")
                || head.startsWith("moov", 4)
                || head.startsWith("\0\0\u0001\u00ba")
                || head.startsWith("FLV");
        return video ? Reason.FILE_VIDEO : Reason.FILE_NO_PICTURE;
    }

    private static String head(byte[] start) {
        return new String(start, 0, Math.min(16, start.length), StandardCharsets.ISO_8859_1);
    }

    /** Of a file in boxes (ISO/IEC 14496-12); empty if it is none. */
    private static String brand(String head) {
        return head.startsWith("ftyp", 4) && head.length() >= 12 ? head.substring(8, 12) : "";
    }
}
