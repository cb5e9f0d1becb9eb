package wovenset.core.arrange;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wovenset.core.piece.Frame;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Piece;
import wovenset.core.piece.Region;
import wovenset.core.piece.Subject;

/** What of stored photos their arrangement goes by. */
public interface PhotoTraits {
    /** Width by height of the upright photo; nothing if it is not stored. */
    OptionalDouble proportion(PhotoId photo);

    /** What the photo is about, as far as the machine has found; {@link Subject#UNKNOWN} if it has not looked. */
    default Subject subject(PhotoId photo) {
        return Subject.UNKNOWN;
    }

    /** The photo's mean colour; nothing if it is not known. */
    default Optional<LabColour> colour(PhotoId photo) {
        return Optional.empty();
    }

    /** What a photo is about in a piece: what the person has shown there, else what the machine has found. */
    default Subject subject(Piece piece, PhotoId photo) {
        return piece.shownSubject(photo)
                .map(region -> new Subject(region, Subject.Origin.PERSON, List.of()))
                .orElseGet(() -> subject(photo));
    }

    /** The part of a frame's photo that should be seen. */
    default Region subject(Piece piece, Frame frame) {
        return (frame.photo() == null ? Subject.UNKNOWN : subject(piece, frame.photo())).region();
    }

    /** The proportion in which a frame shows its photo whole: the other way round if it is turned by a quarter; 1 without a photo. */
    default double shown(Frame frame) {
        double own = frame.photo() == null ? 1 : proportion(frame.photo()).orElse(1);
        return onItsSide(frame) ? 1 / own : own;
    }

    /** Whether a frame shows its photo turned by about a quarter. */
    static boolean onItsSide(Frame frame) {
        double turn = Math.abs(frame.crop().turnDegrees());
        return turn > 45 && turn < 135;
    }
}
