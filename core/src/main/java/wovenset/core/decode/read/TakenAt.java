package wovenset.core.decode.read;

import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifDirectoryBase;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * When a photo was taken, by the camera's own clock: EXIF's original date, its digitised one, then XMP's.
 *
 * @param zoneMinutes by which the clock was ahead of universal time, if the file says it
 */
record TakenAt(Optional<LocalDateTime> clock, OptionalInt zoneMinutes) {
    private static final DateTimeFormatter EXIF_TIME = DateTimeFormatter.ofPattern("uuuu:MM:dd HH:mm:ss");
    private static final List<String> IN_XMP =
            List.of("exif:DateTimeOriginal", "photoshop:DateCreated", "xmp:CreateDate");
    /** Date, parts of a second and offset, of the original and of the digitised picture. */
    private static final int[][] TAGS = {
        {
            ExifDirectoryBase.TAG_DATETIME_ORIGINAL,
            ExifDirectoryBase.TAG_SUBSECOND_TIME_ORIGINAL,
            ExifDirectoryBase.TAG_TIME_ZONE_ORIGINAL
        },
        {
            ExifDirectoryBase.TAG_DATETIME_DIGITIZED,
            ExifDirectoryBase.TAG_SUBSECOND_TIME_DIGITIZED,
            ExifDirectoryBase.TAG_TIME_ZONE_DIGITIZED
        }
    };

    static TakenAt of(Stream<? extends Directory> exif, Map<String, String> xmp) {
        List<? extends Directory> directories = exif.toList();
        for (int[] tags : TAGS) {
            for (Directory directory : directories) {
                Optional<LocalDateTime> clock = clock(directory.getString(tags[0]), directory.getString(tags[1]));
                if (clock.isPresent()) {
                    return new TakenAt(clock, zone(directory.getString(tags[2])));
                }
            }
        }
        for (String name : IN_XMP) {
            TakenAt taken = ofXmp(xmp.get(name));
            if (taken.clock.isPresent()) {
                return taken;
            }
        }
        return new TakenAt(Optional.empty(), OptionalInt.empty());
    }

    /** Cameras whose clock was never set write zeros or blanks; that is no date. */
    private static Optional<LocalDateTime> clock(@Nullable String date, @Nullable String parts) {
        if (date == null) {
            return Optional.empty();
        }
        try {
            LocalDateTime clock = LocalDateTime.parse(date.strip(), EXIF_TIME);
            return Optional.of(clock.plusNanos(nanos(parts)));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** EXIF's parts of a second are the digits behind the point. */
    private static long nanos(@Nullable String digits) {
        String plain = digits == null ? "" : digits.strip();
        return plain.matches("\\d{1,9}") ? Long.parseLong((plain + "00000000").substring(0, 9)) : 0;
    }

    private static OptionalInt zone(@Nullable String offset) {
        try {
            return offset == null
                    ? OptionalInt.empty()
                    : OptionalInt.of(ZoneOffset.of(offset.strip()).getTotalSeconds() / 60);
        } catch (DateTimeException e) {
            return OptionalInt.empty();
        }
    }

    /** ISO 8601 as XMP uses it: seconds and offset may be missing. */
    private static TakenAt ofXmp(@Nullable String text) {
        if (text == null) {
            return new TakenAt(Optional.empty(), OptionalInt.empty());
        }
        String full = text.strip().replaceFirst("^(\\d{4}-\\d{2}-\\d{2})$", "$1T00:00:00");
        try {
            OffsetDateTime dated = OffsetDateTime.parse(full);
            return new TakenAt(
                    Optional.of(dated.toLocalDateTime()),
                    OptionalInt.of(dated.getOffset().getTotalSeconds() / 60));
        } catch (DateTimeException withoutOffset) {
            try {
                return new TakenAt(Optional.of(LocalDateTime.parse(full)), OptionalInt.empty());
            } catch (DateTimeException noDate) {
                return new TakenAt(Optional.empty(), OptionalInt.empty());
            }
        }
    }
}
