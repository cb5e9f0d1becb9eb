package wovenset.core.style;

import java.util.Locale;

/** The language that a piece's words are in: that of the months in its dates, of the spelling check, and the one that a PDF tells of. */
public enum Language {
    ENGLISH("en-GB"),
    DANISH("da"),
    DUTCH("nl"),
    FRENCH("fr"),
    GERMAN("de"),
    ITALIAN("it"),
    NORWEGIAN("nb"),
    POLISH("pl"),
    PORTUGUESE("pt"),
    SPANISH("es"),
    SWEDISH("sv");

    private final String tag;

    Language(String tag) {
        this.tag = tag;
    }

    /** Its name by BCP 47. */
    public String tag() {
        return tag;
    }

    public Locale locale() {
        return Locale.forLanguageTag(tag);
    }
}
