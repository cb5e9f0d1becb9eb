package wovenset.core.photo;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * What a photo brought along in words.
 *
 * @param fileName with its ending; empty if it is not known
 * @param takenAt by the camera's clock
 * @param words that were embedded in it; empty if none
 * @param place where it was taken, if the camera knew
 */
public record PhotoNotes(String fileName, Optional<LocalDateTime> takenAt, String words, Optional<Place> place) {
    public static final PhotoNotes NONE = new PhotoNotes("", Optional.empty(), "", Optional.empty());

    /** Degrees on the globe, north and east positive. */
    public record Place(double latitude, double longitude) {
        private static final double EARTH_KM = 6371;

        /** Kilometres along a great circle (haversine). */
        public double kmTo(Place other) {
            double up = Math.sin(Math.toRadians(other.latitude - latitude) / 2);
            double across = Math.sin(Math.toRadians(other.longitude - longitude) / 2);
            double a = up * up
                    + Math.cos(Math.toRadians(latitude)) * Math.cos(Math.toRadians(other.latitude)) * across * across;
            return 2 * EARTH_KM * Math.asin(Math.min(1, Math.sqrt(a)));
        }
    }

    /** The file's name as words: without its ending, underlines as spaces. */
    public String plainName() {
        int dot = fileName.lastIndexOf('.');
        return (dot > 0 ? fileName.substring(0, dot) : fileName).replaceAll("[_\\s]+", " ");
    }
}
