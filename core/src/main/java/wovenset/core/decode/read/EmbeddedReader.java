package wovenset.core.decode.read;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.lang.GeoLocation;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import com.drew.metadata.iptc.IptcDirectory;
import com.drew.metadata.xmp.XmpDirectory;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wovenset.core.decode.answer.Embedded;

/**
 * Reads what is embedded in a file, in the child. Words are taken from XMP, then IPTC, then EXIF, of each a description before a title:
 * in this order programs have been writing what people typed. Dates are the camera's before a program's.
 */
public final class EmbeddedReader {
    private static final int FOUR_INKS = 5;

    private final Metadata all;
    private final Map<String, String> xmp = new HashMap<>();

    private EmbeddedReader(Metadata all) {
        this.all = all;
        all.getDirectoriesOfType(XmpDirectory.class)
                .forEach(directory -> directory.getXmpProperties().forEach(xmp::putIfAbsent));
    }

    /** @throws IOException if the file cannot be read; what is damaged in it is left out */
    public static Embedded read(Path file) throws IOException {
        if (BigTiffMetadata.suits(file)) {
            return new EmbeddedReader(BigTiffMetadata.read(file)).embedded();
        }
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
            return new EmbeddedReader(ImageMetadataReader.readMetadata(in, Files.size(file))).embedded();
        } catch (ImageProcessingException e) {
            return Embedded.NOTHING;
        }
    }

    private Embedded embedded() {
        TakenAt taken = TakenAt.of(exif(), xmp);
        return new Embedded(orientation(), inks(), taken.clock(), taken.zoneMinutes(), place(), words());
    }

    private Stream<? extends Directory> exif() {
        return all.getDirectoriesOfType(ExifDirectoryBase.class).stream();
    }

    private int orientation() {
        ExifIFD0Directory directory = all.getFirstDirectoryOfType(ExifIFD0Directory.class);
        Integer tag = directory == null ? null : directory.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
        return tag == null || tag < 1 || tag > 8 ? 1 : tag;
    }

    private boolean inks() {
        ExifIFD0Directory directory = all.getFirstDirectoryOfType(ExifIFD0Directory.class);
        Integer kind =
                directory == null ? null : directory.getInteger(ExifDirectoryBase.TAG_PHOTOMETRIC_INTERPRETATION);
        return kind != null && kind == FOUR_INKS;
    }

    private Optional<Embedded.Position> place() {
        for (GpsDirectory directory : all.getDirectoriesOfType(GpsDirectory.class)) {
            GeoLocation place = directory.getGeoLocation();
            // Cameras without reception write zeros: a point in the sea where nobody takes photos.
            if (place != null && !place.isZero()) {
                return Optional.of(new Embedded.Position(place.getLatitude(), place.getLongitude()));
            }
        }
        return Optional.empty();
    }

    private String words() {
        IptcDirectory iptc = all.getFirstDirectoryOfType(IptcDirectory.class);
        Function<Integer, @Nullable String> inIptc = tag -> iptc == null ? null : iptc.getString(tag);
        ExifIFD0Directory exif = all.getFirstDirectoryOfType(ExifIFD0Directory.class);
        Function<Integer, @Nullable String> described = tag -> exif == null ? null : exif.getDescription(tag);
        return Stream.of(
                        xmp.get("dc:description[1]"),
                        xmp.get("dc:title[1]"),
                        xmp.get("photoshop:Headline"),
                        inIptc.apply(IptcDirectory.TAG_CAPTION),
                        inIptc.apply(IptcDirectory.TAG_OBJECT_NAME),
                        inIptc.apply(IptcDirectory.TAG_HEADLINE),
                        exif == null ? null : exif.getString(ExifDirectoryBase.TAG_IMAGE_DESCRIPTION, "UTF-8"),
                        described.apply(ExifDirectoryBase.TAG_WIN_COMMENT),
                        described.apply(ExifDirectoryBase.TAG_WIN_TITLE))
                .map(EmbeddedReader::plain)
                .filter(text -> !text.isEmpty())
                .findFirst()
                .orElse("");
    }

    /** On one line, without signs that cannot be shown, and no more of it than can be sent. */
    private static String plain(@Nullable String text) {
        if (text == null) {
            return "";
        }
        return text.codePoints()
                .limit(2000)
                .map(c -> Character.isISOControl(c) ? ' ' : c)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString()
                .strip();
    }
}
