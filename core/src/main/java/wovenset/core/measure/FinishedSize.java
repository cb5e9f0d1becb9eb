package wovenset.core.measure;

import java.util.List;

/**
 * A size that things are commonly finished to, upright: the shorter side is the width.
 *
 * @param id a stable name for requests
 * @param family what kind of thing it is: photo print, paper, frame
 */
public record FinishedSize(String id, String family, String name, Length width, Length height, LengthUnit unit) {
    /** ISO 216 papers, and the print and frame sizes sold in metric and inch countries. */
    public static final List<FinishedSize> COMMON = List.of(
            metric("photo-9x13", "Photo prints", 9, 13),
            metric("photo-10x15", "Photo prints", 10, 15),
            metric("photo-13x18", "Photo prints", 13, 18),
            metric("photo-20x30", "Photo prints", 20, 30),
            inch("photo-4x6", "Photo prints", 4, 6),
            inch("photo-5x7", "Photo prints", 5, 7),
            inch("photo-8x10", "Photo prints", 8, 10),
            paper("a6", "A6 postcard", 105, 148),
            paper("a5", "A5", 148, 210),
            paper("a4", "A4", 210, 297),
            paper("a3", "A3", 297, 420),
            paper("a2", "A2", 420, 594),
            new FinishedSize("letter", "Papers", "Letter", Length.ofInches(8.5), Length.ofInches(11), LengthUnit.IN),
            metric("frame-20x20", "Frames and canvases", 20, 20),
            metric("frame-30x30", "Frames and canvases", 30, 30),
            metric("frame-30x40", "Frames and canvases", 30, 40),
            metric("frame-40x60", "Frames and canvases", 40, 60),
            metric("frame-50x70", "Frames and canvases", 50, 70),
            metric("frame-60x90", "Frames and canvases", 60, 90),
            inch("frame-11x14", "Frames and canvases", 11, 14),
            inch("frame-16x20", "Frames and canvases", 16, 20),
            inch("frame-20x30", "Frames and canvases", 20, 30));

    private static FinishedSize metric(String id, String family, int widthCm, int heightCm) {
        return new FinishedSize(
                id,
                family,
                widthCm + " × " + heightCm + "\u2009cm",
                Length.ofMm(widthCm * 10),
                Length.ofMm(heightCm * 10),
                LengthUnit.CM);
    }

    private static FinishedSize inch(String id, String family, int widthIn, int heightIn) {
        return new FinishedSize(
                id,
                family,
                widthIn + " × " + heightIn + "\u2009in",
                Length.ofInches(widthIn),
                Length.ofInches(heightIn),
                LengthUnit.IN);
    }

    private static FinishedSize paper(String id, String name, int widthMm, int heightMm) {
        return new FinishedSize(id, "Papers", name, Length.ofMm(widthMm), Length.ofMm(heightMm), LengthUnit.MM);
    }
}
