package wovenset.core.words;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.AttributedString;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Faces that lend signs to those that have no shape for them: other scripts, and emoji in one colour (all under the SIL Open Font
 * License). A cluster of signs that belong together comes from one face, the first that has all of it. Cost: linear in the signs; a face
 * is loaded when it is first needed.
 */
final class FallbackFaces {
    /** In the order in which they are asked. */
    private static final Map<String, String> FILES = new LinkedHashMap<>();

    static {
        FILES.put("Noto Sans", "NotoSans");
        FILES.put("Noto Naskh Arabic", "NotoNaskhArabic");
        FILES.put("Noto Sans Hebrew", "NotoSansHebrew");
        FILES.put("Noto Sans Thai", "NotoSansThai");
        FILES.put("Noto Sans SC", "NotoSansSC");
        FILES.put("Noto Sans KR", "NotoSansKR");
        FILES.put("Noto Emoji", "NotoEmoji");
    }

    /** What a person takes for one sign (Unicode Standard Annex 29). */
    private static final Pattern CLUSTER = Pattern.compile("\\X");
    /** Joiners and selectors, which shape their neighbours and have no shape of their own. */
    private static final Pattern UNSEEN = Pattern.compile("[\\u200c\\u200d\\ufe0e\\ufe0f]");

    private static final Map<String, Font> LOADED = new ConcurrentHashMap<>();

    private FallbackFaces() {}

    /** A line shaped in this font, with what it lacks from others. */
    static TextLayout layout(String line, Font font, FontRenderContext context) {
        if (font.canDisplayUpTo(line) < 0) {
            return new TextLayout(line, font, context);
        }
        AttributedString mixed = new AttributedString(line);
        mixed.addAttribute(TextAttribute.FONT, font);
        for (Matcher clusters = CLUSTER.matcher(line); clusters.find(); ) {
            lender(clusters.group(), font)
                    .map(name -> font(name).deriveFont(font.getSize2D()))
                    .ifPresent(
                            other -> mixed.addAttribute(TextAttribute.FONT, other, clusters.start(), clusters.end()));
        }
        return new TextLayout(mixed.getIterator(), context);
    }

    /** The faces that a text borrows from, in the order of their signs, each once. */
    static List<String> lenders(String text, Font font) {
        return font.canDisplayUpTo(text) < 0
                ? List.of()
                : CLUSTER.matcher(text)
                        .results()
                        .flatMap(cluster -> lender(cluster.group(), font).stream())
                        .distinct()
                        .toList();
    }

    /** Signs that no face has a shape for, each once. */
    static String missing(String text, Font font) {
        return font.canDisplayUpTo(text) < 0
                ? ""
                : CLUSTER.matcher(text)
                        .results()
                        .map(cluster -> cluster.group())
                        .filter(cluster -> !cluster.isBlank() && !has(font, cluster))
                        .filter(cluster -> lender(cluster, font).isEmpty())
                        .distinct()
                        .collect(Collectors.joining());
    }

    /** Nothing where the font has the cluster itself, or no face has it. */
    private static Optional<String> lender(String cluster, Font font) {
        if (cluster.isBlank() || has(font, cluster)) {
            return Optional.empty();
        }
        return FILES.keySet().stream().filter(name -> has(font(name), cluster)).findFirst();
    }

    private static boolean has(Font font, String cluster) {
        return font.canDisplayUpTo(UNSEEN.matcher(cluster).replaceAll("")) < 0;
    }

    private static Font font(String name) {
        return LOADED.computeIfAbsent(name, FallbackFaces::load);
    }

    private static Font load(String name) {
        String file = FILES.get(name) + "_400Regular.ttf";
        try (InputStream in = Objects.requireNonNull(FallbackFaces.class.getResourceAsStream(file), file)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("The shipped typeface " + name + " cannot be read", e);
        }
    }
}
