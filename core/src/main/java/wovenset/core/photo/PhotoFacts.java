package wovenset.core.photo;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.photo.retouch.PixelPlane;

/** What is known of stored photos. */
public interface PhotoFacts {
    /** The photo's upright pixel size; nothing if it is not stored. */
    Optional<PixelSize> size(PhotoId photo);

    /** What the photo is about, as far as the machine has found; {@link Subject#UNKNOWN} if it has not looked. */
    default Subject subject(PhotoId photo) {
        return Subject.UNKNOWN;
    }

    /** The photo's mean colour; nothing if it is not known. */
    default Optional<LabColour> colour(PhotoId photo) {
        return Optional.empty();
    }

    /** How light and coloured the photo is; nothing if it is not known. */
    default Optional<Tones> tones(PhotoId photo) {
        return Optional.empty();
    }

    /**
     * The mean colours of a part of the photo in a grid; nothing if they are not known.
     *
     * @param columns of the grid
     */
    default Optional<ColourGrid> colours(PhotoId photo, Region part, int columns, int rows) {
        return Optional.empty();
    }

    /** Where people are in the photo, as labels of a cut-out; nothing if nobody is seen, or it cannot be read. */
    default Optional<PixelPlane> people(PhotoId photo) {
        return Optional.empty();
    }

    /**
     * The labels of a cut-out settled anew by the strokes among them; nothing if the photo cannot be read.
     *
     * @param fresh whether nothing but strokes is known
     */
    default Optional<PixelPlane> parted(PhotoId photo, PixelPlane labels, boolean fresh) {
        return Optional.empty();
    }

    /**
     * How far away the photo goes on most like around a stroke, in shares of its width and height; nothing if it nowhere does, or cannot be
     * read.
     */
    default Optional<BrushStroke.Point> like(PhotoId photo, BrushStroke stroke) {
        return Optional.empty();
    }

    /** From where these pixels go on beyond their edges; nothing if they have clear parts or cannot be read. */
    default Optional<EdgeSources> edges(PhotoPixels pixels) {
        return Optional.empty();
    }

    /**
     * What photos brought along in words.
     *
     * @param piece whose names for them count
     * @return none for those that are not known
     */
    default Map<PhotoId, PhotoNotes> notes(UUID piece, List<PhotoId> photos) {
        return Map.of();
    }

    /**
     * By what photos are told apart.
     *
     * @return none for those that nobody has looked at yet
     */
    default Map<PhotoId, Trait> traits(List<PhotoId> photos) {
        return Map.of();
    }

    /** The words that came embedded in the photo; empty if none. */
    default String embeddedCaption(PhotoId photo) {
        return "";
    }
}
