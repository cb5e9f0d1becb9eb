package wovenset.core.said;

/** What a look over a piece finds. Their words are in the catalogue. */
public enum Notice implements Code {
    FRAME_EMPTY,
    TOO_SOFT,
    A_LITTLE_SOFT,
    WORDS_CUT,
    SIGNS_MISSING,
    WORDS_SMALL,
    FACE_IN_FOLD,
    WORDS_HARD_TO_READ,
    WORDS_NEAR_TRIM,
    CROPPED_MUCH,
    EDGE_MISSES,
    USED_AGAIN;

    @Override
    public String code() {
        return "found." + name();
    }
}
