package wovenset.core.photo;

import java.util.List;

/**
 * What a photo is about: what a crop should keep.
 *
 * @param region all of it
 * @param faces that were found, largest first; each lies in the region
 */
public record Subject(Region region, Origin origin, List<Region> faces) {
    /** Nothing is known: the whole photo. */
    public static final Subject UNKNOWN = new Subject(new Region(0, 0, 1, 1), Origin.NONE, List.of());

    public Subject {
        faces = List.copyOf(faces);
    }

    /** How a subject was found. */
    public enum Origin {
        /** By faces. */
        FACES,
        /** By what stands out. */
        SALIENCE,
        /** Shown by the person. */
        PERSON,
        /** Not at all. */
        NONE
    }
}
