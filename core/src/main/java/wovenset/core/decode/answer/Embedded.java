package wovenset.core.decode.answer;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a file says of its picture beside the pixels.
 *
 * @param orientation EXIF's tag 0x0112, 1 to 8
 * @param inks whether a TIFF's colours are four printing inks
 * @param takenAt by the camera's clock, with parts of a second
 * @param zoneMinutes by which that clock was ahead of universal time
 * @param place where it was taken
 * @param caption empty if there are no words
 */
public record Embedded(
        int orientation,
        boolean inks,
        Optional<LocalDateTime> takenAt,
        OptionalInt zoneMinutes,
        Optional<Position> place,
        String caption) {
    public static final Embedded NOTHING =
            new Embedded(1, false, Optional.empty(), OptionalInt.empty(), Optional.empty(), "");

    /** In degrees, north and east. */
    public record Position(double latitude, double longitude) {}

    /** Sends it through a pipe. */
    public void write(DataOutputStream out) throws IOException {
        out.writeByte(orientation);
        out.writeBoolean(inks);
        out.writeUTF(takenAt.map(LocalDateTime::toString).orElse(""));
        out.writeInt(zoneMinutes.orElse(Integer.MIN_VALUE));
        out.writeDouble(place.map(Position::latitude).orElse(Double.NaN));
        out.writeDouble(place.map(Position::longitude).orElse(Double.NaN));
        out.writeUTF(caption);
    }

    public static Embedded read(DataInputStream in) throws IOException {
        int orientation = in.readByte();
        boolean inks = in.readBoolean();
        String taken = in.readUTF();
        int zone = in.readInt();
        double latitude = in.readDouble();
        double longitude = in.readDouble();
        return new Embedded(
                orientation,
                inks,
                taken.isEmpty() ? Optional.empty() : Optional.of(LocalDateTime.parse(taken)),
                zone == Integer.MIN_VALUE ? OptionalInt.empty() : OptionalInt.of(zone),
                Double.isNaN(latitude) ? Optional.empty() : Optional.of(new Position(latitude, longitude)),
                in.readUTF());
    }
}
