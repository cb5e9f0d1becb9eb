package wovenset.core.words;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import wovenset.core.style.TextStyle;

/**
 * Fits words into a width and the lines that there is room for.
 *
 * <p>Words are set greedily, line by line (captions and titles have few lines, where the best and the greedy break rarely
 * differ). If they need more lines than there are, or a word is wider than the line, the size is reduced in steps of 4 % down
 * to 60 %. If they still do not fit, the last line is cut with an ellipsis and the result says so; a word that is too wide even then is
 * broken between characters, at the largest size at which all have room. Cost: linear in the text for each of at most 13 sizes.
 */
public final class WordFitter {
    private static final double SMALLEST_SHARE = 0.6;
    private static final double STEP = 0.96;
    private static final String HYPHEN = "-";
    /** Scripts that are written without spaces between words. */
    private static final Pattern UNSPACED =
            Pattern.compile("[\\p{IsHan}\\p{IsHiragana}\\p{IsKatakana}\\p{IsHangul}\\p{IsThai}]");
    /** Of headings and captions; in longer text a short last line is no fault. */
    private static final int FEW_LINES = 4;

    private final String text;
    private final Setting setting;
    private final double widthMm;
    private final Hyphens hyphens;

    private WordFitter(String text, Setting setting, double widthMm, Hyphens hyphens) {
        this.hyphens = hyphens;
        this.text = text;
        this.setting = setting;
        this.widthMm = widthMm;
    }

    /** How many lines there are room for at a size in points; at least one. */
    public interface Room {
        int lines(double sizePt);
    }

    /** The room of a height. */
    public static Room height(double heightMm, double leading) {
        // Sums of doubles may be a hair below whole lines.
        return sizePt -> Math.max(1, (int) (heightMm / (leading * sizePt * TextStyle.MM_PER_PT) + 1e-6));
    }

    /**
     * @param sizePt the wished size
     * @param widthMm the width of the lines, more than zero
     * @param lines how many lines there are room for, at least one
     */
    public static FittedWords fit(String text, Setting setting, double sizePt, double widthMm, int lines) {
        return fit(text, setting, sizePt, widthMm, (Room) size -> lines);
    }

    /** How many lines these words take at a size, however many that are. */
    public static int lines(String text, Setting setting, double sizePt, double widthMm) {
        return lines(text, setting, sizePt, widthMm, Hyphens.NONE);
    }

    /** The same with words that may be parted at the ends of lines. */
    public static int lines(String text, Setting setting, double sizePt, double widthMm, Hyphens hyphens) {
        return new WordFitter(text.strip(), setting, widthMm, hyphens)
                .broken(sizePt)
                .lines
                .size();
    }

    /**
     * @param widthMm the width of the lines, more than zero
     * @param room how many of them there are
     */
    public static FittedWords fit(String text, Setting setting, double sizePt, double widthMm, Room room) {
        return fit(text, setting, sizePt, widthMm, room, Hyphens.NONE);
    }

    /** The same with words that may be parted at the ends of lines. */
    public static FittedWords fit(
            String text, Setting setting, double sizePt, double widthMm, Room room, Hyphens hyphens) {
        String missing = Typefaces.missing(setting.face(), text);
        WordFitter fitter = new WordFitter(text.strip(), setting, widthMm, hyphens);
        double size = sizePt;
        Broken broken = fitter.broken(size);
        Broken fits = broken.lines.size() <= room.lines(size) ? broken : null;
        while ((fits == null || broken.cutsWord) && size * STEP >= sizePt * SMALLEST_SHARE) {
            size *= STEP;
            broken = fitter.broken(size);
            boolean roomy = broken.lines.size() <= room.lines(size);
            fits = roomy && (fits == null || !broken.cutsWord) ? broken : fits;
        }
        boolean allShown = fits != null;
        Broken chosen = fits == null ? broken : fits;
        double used = chosen.size;
        List<String> shown = allShown ? chosen.lines : fitter.cut(chosen.lines.subList(0, room.lines(used)), used);
        return new FittedWords(
                shown.stream()
                        .map(line -> new FittedWords.Line(line, fitter.width(line, used)))
                        .toList(),
                used,
                allShown,
                missing,
                Typefaces.lenders(setting.face(), text));
    }

    /** The last of these lines ends in an ellipsis. */
    private List<String> cut(List<String> lines, double size) {
        List<String> shown = new ArrayList<>(lines);
        String last = shown.get(shown.size() - 1);
        while (!last.isEmpty() && width(last + "…", size) > widthMm) {
            last = last.substring(0, last.offsetByCodePoints(last.length(), -1)).stripTrailing();
        }
        shown.set(shown.size() - 1, last + "…");
        return shown;
    }

    /**
     * Lines at a size.
     *
     * @param cutsWord whether a word is wider than a line and goes on in the next one
     */
    private record Broken(double size, List<String> lines, boolean cutsWord) {}

    private Broken broken(double size) {
        List<String> lines = new ArrayList<>();
        boolean cuts = false;
        for (String paragraph : text.split("\\R")) {
            cuts |= paragraph(paragraph.strip(), size, lines);
        }
        return new Broken(size, lines, cuts);
    }

    /** @return whether a word was cut */
    private boolean paragraph(String words, double size, List<String> lines) {
        List<String> result = new ArrayList<>();
        String line = "";
        boolean broken = false;
        boolean parts = false;
        for (Piece piece : pieces(words)) {
            String word = piece.text;
            String longer = piece.spaced ? joined(line, word) : line + word;
            if (width(longer, size) <= widthMm) {
                line = longer;
                continue;
            }
            int parted = piece.spaced ? parted(line, word, size) : 0;
            String before = parted == 0 ? line : joined(line, word.substring(0, parted) + HYPHEN);
            if (!before.isEmpty()) {
                result.add(before);
            }
            line = word.substring(parted);
            parts |= parted > 0;
            while (width(line, size) > widthMm && line.codePointCount(0, line.length()) > 1) {
                int end = fitting(line, size);
                result.add(line.substring(0, end));
                line = line.substring(end);
                broken = true;
            }
        }
        result.add(line);
        if (!broken && !parts && result.size() > 1 && result.size() <= FEW_LINES) {
            company(result, size);
        }
        lines.addAll(result);
        return broken;
    }

    /**
     * What a line may end before.
     *
     * @param spaced whether a space stands between it and what is before it
     */
    private record Piece(String text, boolean spaced) {}

    /** Words between spaces; in scripts that have none, what may stand at a line's end by their rules (Unicode Standard Annex 14). */
    private static List<Piece> pieces(String words) {
        List<Piece> pieces = new ArrayList<>();
        for (String word : words.split("\\s+")) {
            if (!UNSPACED.matcher(word).find()) {
                pieces.add(new Piece(word, true));
                continue;
            }
            BreakIterator breaks = BreakIterator.getLineInstance(Locale.ROOT);
            breaks.setText(word);
            int from = 0;
            for (int to = breaks.next(); to != BreakIterator.DONE; to = breaks.next()) {
                pieces.add(new Piece(word.substring(from, to), from == 0));
                from = to;
            }
        }
        return pieces;
    }

    private static String joined(String line, String word) {
        return line.isEmpty() ? word : line + " " + word;
    }

    /** Before which char of a word it is parted so that as much of it as possible stands on this line; 0 for nothing of it. */
    private int parted(String line, String word, double size) {
        List<Integer> points = hyphens.points(word);
        for (int i = points.size() - 1; i >= 0; i--) {
            int at = points.get(i);
            if (width(joined(line, word.substring(0, at) + HYPHEN), size) <= widthMm) {
                return at;
            }
        }
        return 0;
    }

    /** A word that is alone on the last line gets the one before it, where that one leaves no other alone. */
    private void company(List<String> lines, double size) {
        int last = lines.size() - 1;
        String before = lines.get(last - 1);
        int cut = before.lastIndexOf(' ');
        if (lines.get(last).indexOf(' ') < 0 && cut > 0 && before.lastIndexOf(' ', cut - 1) > 0) {
            String both = before.substring(cut + 1) + " " + lines.get(last);
            if (width(both, size) <= widthMm) {
                lines.set(last - 1, before.substring(0, cut));
                lines.set(last, both);
            }
        }
    }

    /** How many chars of a word fit a line; at least one whole character. */
    private int fitting(String word, double size) {
        int end = word.offsetByCodePoints(0, 1);
        while (end < word.length() && width(word.substring(0, word.offsetByCodePoints(end, 1)), size) <= widthMm) {
            end = word.offsetByCodePoints(end, 1);
        }
        return end;
    }

    private double width(String line, double size) {
        return setting.width(line) * size * TextStyle.MM_PER_PT;
    }
}
