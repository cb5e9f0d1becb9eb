package wovenset.server.photo;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import wovenset.core.ink.Rgb;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.photo.ColourGrid;
import wovenset.core.photo.LabColour;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoPixels;
import wovenset.core.photo.Region;
import wovenset.core.photo.Subject;
import wovenset.core.photo.Tones;
import wovenset.core.photo.retouch.BrushStroke;
import wovenset.core.photo.retouch.EdgeSources;
import wovenset.core.photo.retouch.FacedPlane;
import wovenset.core.photo.retouch.PixelPlane;
import wovenset.core.picture.Derivatives;
import wovenset.core.picture.DerivedPixels;
import wovenset.core.picture.file.RefusedPhotoException;
import wovenset.core.retouch.Development;
import wovenset.core.subject.ColourGridFinder;
import wovenset.core.subject.EdgeContinuing;
import wovenset.core.subject.LevelFinder;
import wovenset.core.subject.LikePlace;
import wovenset.core.subject.MainColours;
import wovenset.core.subject.MeanColour;
import wovenset.core.subject.PersonFinder;
import wovenset.core.subject.PrintFinder;
import wovenset.core.subject.SubjectFinder;
import wovenset.core.subject.SubjectParting;
import wovenset.core.subject.ToneFinder;
import wovenset.server.recent.Recent;

/** What can be seen of photos on their small pictures: what they are about, and their colours, which are remembered. */
final class PhotoLooks {
    private static final Logger LOG = LoggerFactory.getLogger(PhotoLooks.class);

    /** Colours in a grid. */
    private static final int MOST_REMEMBERED = 64;

    /** Of the picture in which prints, and places that go on alike, are looked for. */
    private static final int LOOK_EDGE = 1000;

    private final BiFunction<PhotoId, Integer, Path> derived;
    private final SubjectFinder subjects = new SubjectFinder();
    private @Nullable PersonFinder people;
    private final Recent<PhotoId, LabColour> means = Recent.entries(20_000);
    private final Recent<PhotoId, OptionalDouble> tilts = Recent.entries(2_000);
    private final Recent<PhotoId, Tones> tones = Recent.entries(20_000);
    private final Recent<Grid, ColourGrid> grids = Recent.entries(5_000);
    private final Recent<PhotoId, List<Rgb>> mains = Recent.entries(2_000);

    /** @param derived a photo's picture of one of its derived sizes; it is made if it is not there */
    PhotoLooks(BiFunction<PhotoId, Integer, Path> derived) {
        this.derived = derived;
    }

    private BufferedImage picture(PhotoId id) {
        return picture(id, Derivatives.SMALL);
    }

    private BufferedImage picture(PhotoId id, int longEdge) {
        try {
            return DerivedPixels.readOnWhite(Files.readAllBytes(derived.apply(id, longEdge)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the photo is about. Without an answer the photo is still good: it is then cropped about its middle. */
    Subject subject(PhotoId id) {
        try {
            return subjects.find(picture(id));
        } catch (RuntimeException e) {
            LOG.warn("A photo could not be looked at for its subject", e);
            return Subject.UNKNOWN;
        }
    }

    /** Nothing if the photo cannot be read. */
    Optional<LabColour> mean(PhotoId id) {
        return read(() -> means.get(id, absent -> MeanColour.of(picture(absent))));
    }

    private static <T> Optional<T> read(Supplier<T> look) {
        try {
            return Optional.of(look.get());
        } catch (UncheckedIOException | RefusedPhotoException | PhotoRasters.MissingPhotoException e) {
            LOG.warn("A photo's colours could not be read", e);
            return Optional.empty();
        }
    }

    /** Nothing if the photo cannot be read. */
    Optional<Tones> tones(PhotoId id) {
        return read(() -> tones.get(id, absent -> ToneFinder.of(picture(absent))));
    }

    /** Nothing if the photo cannot be read. Grids as small as a tile's are remembered. */
    Optional<ColourGrid> colours(PhotoId id, Region part, int columns, int rows) {
        Supplier<ColourGrid> look = () -> ColourGridFinder.of(picture(id), part, columns, rows);
        return read(
                columns * rows > MOST_REMEMBERED
                        ? look
                        : () -> grids.get(new Grid(id, part, columns, rows), absent -> look.get()));
    }

    private record Grid(PhotoId photo, Region part, int columns, int rows) {}

    /** How far the photo is tilted, in degrees clockwise; nothing if its lines do not say, or it cannot be read. */
    OptionalDouble tilt(PhotoId id) {
        return read(() -> tilts.get(id, absent -> LevelFinder.tilt(picture(absent))))
                .orElse(OptionalDouble.empty());
    }

    /** Where people are; nothing if nobody is seen, or the photo cannot be read. */
    Optional<PixelPlane> people(PhotoId id) {
        return read(() -> people().find(picture(id))).flatMap(found -> found);
    }

    /** Made for the first who asks, as {@link SubjectFinder}'s is. */
    private synchronized PersonFinder people() {
        if (people == null) {
            people = new PersonFinder();
        }
        return people;
    }

    /** Nothing if the photo cannot be read. */
    Optional<PixelPlane> parted(PhotoId id, PixelPlane labels, boolean fresh) {
        return read(() -> {
            BufferedImage picture = picture(id);
            return SubjectParting.parted(
                    DerivedPixels.reduced(picture, labels.width(), labels.height()), labels, fresh);
        });
    }

    /** Nothing if there is no such place, or the photo cannot be read. */
    Optional<BrushStroke.Point> like(PhotoId id, BrushStroke stroke) {
        return read(() -> LikePlace.find(DerivedPixels.within(picture(id, Derivatives.LARGE), LOOK_EDGE), stroke))
                .flatMap(found -> found);
    }

    /** Nothing if they have clear parts, or the photo cannot be read. */
    Optional<EdgeSources> edges(PhotoPixels pixels) {
        return read(() -> {
                    BufferedImage plain = DerivedPixels.within(picture(pixels.photo(), Derivatives.LARGE), LOOK_EDGE);
                    return EdgeContinuing.find(Development.of(plain, pixels));
                })
                .flatMap(found -> found);
    }

    /** Where paper prints lie, if it is a scan of some; none if it cannot be read. */
    List<FacedPlane> prints(PhotoId id) {
        return read(() -> PrintFinder.find(DerivedPixels.within(picture(id, Derivatives.LARGE), LOOK_EDGE)))
                .orElse(List.of());
    }

    /** The few colours that a photo is seen as, the most telling first. */
    List<Rgb> mains(PhotoId id) {
        return mains.get(id, absent -> MainColours.of(picture(absent)));
    }
}
