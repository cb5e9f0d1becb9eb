package wovenset.core.output;

import java.text.Normalizer;
import java.util.List;

/** Names for made files: piece, page and size, safe on any disk and in any ZIP. */
public final class FileNames {
    private static final int LONGEST = 60;

    private FileNames() {}

    /** “Kite summer, page 02, 2480 x 3508 px.jpg”; page numbers have as many digits as the last page's. */
    static String image(String piece, int page, int pages, int width, int height, String extension) {
        String number = String.format("%0" + Integer.toString(pages).length() + "d", page + 1);
        return safe(piece) + ", page " + number + ", " + width + " x " + height + " px." + extension;
    }

    static String pdf(String piece, List<Integer> pages, int all) {
        if (pages.size() == all) {
            return safe(piece) + (all == 1 ? ", 1 page.pdf" : ", " + all + " pages.pdf");
        }
        return safe(piece)
                + (pages.size() == 1 ? ", page " + (pages.get(0) + 1) : ", " + pages.size() + " of " + all + " pages")
                + ".pdf";
    }

    static String archive(String piece, String kind) {
        return safe(piece) + ", " + kind + " pages.zip";
    }

    /** Letters, digits, spaces and a few signs; never empty, never a path, never a name that starts with a dot. */
    public static String safe(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFC)
                .codePoints()
                .map(c -> Character.isLetterOrDigit(c) || " -_()&+'".indexOf(c) >= 0 ? c : ' ')
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString()
                .replaceAll("\\s+", " ")
                .strip();
        int characters = plain.codePointCount(0, plain.length());
        String cut = characters <= LONGEST
                ? plain
                : plain.substring(0, plain.offsetByCodePoints(0, LONGEST)).strip();
        return cut.isEmpty() ? "piece" : cut;
    }
}
