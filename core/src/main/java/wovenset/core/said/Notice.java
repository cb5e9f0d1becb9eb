package wovenset.core.said;

/** What a look over a piece finds. Their words are in the catalogue. */
public enum Notice implements Code {
    FRAME_EMPTY,
    TOO_SOFT,
    A_LITTLE_SOFT,
    WORDS_CUT,
    SIGNS_MISSING;

    @Override
    public String code() {
        return "found." + name();
    }
}
