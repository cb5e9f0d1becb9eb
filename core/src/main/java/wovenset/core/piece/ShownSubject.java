package wovenset.core.piece;

/** What the person has shown to be a photo's subject in a piece. */
public record ShownSubject(PhotoId photo, Region region) {}
