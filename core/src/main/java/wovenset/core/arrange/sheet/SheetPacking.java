package wovenset.core.arrange.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import wovenset.core.geometry.Box;
import wovenset.core.measure.Length;

/**
 * Lays prints of exact, also different sizes on as few sheets as it finds. Larger ones come first, each on the first sheet with room. Three rules
 * for the spot, each with prints as they are before turned ones, the other way round, and whichever is better, are tried; the fewest
 * sheets win, and of those the least used last one. Cost: nine times prints × free rectangles of a sheet.
 */
public final class SheetPacking {
    private SheetPacking() {}

    /** A print's size, with what lies around its picture. */
    public record Size(Length width, Length height) {}

    /**
     * @param sheet counted from 0; from the number of given sheets on they are new
     * @param box that it takes on the sheet; if turned, as wide as its size is high
     */
    public record Laid(int sheet, Box box, boolean turned) {}

    /**
     * @param area of each sheet that prints may take
     * @param sheets what lies on each sheet already, and stays
     * @param gap between prints, and between them and what lies there
     * @return a place for each print, in their order; nothing if one is larger than the area
     */
    public static Optional<List<Laid>> lay(List<Size> prints, Box area, List<List<Box>> sheets, Length gap) {
        Attempt best = null;
        for (FreeSpace.Rule rule : FreeSpace.Rule.values()) {
            for (Turning turning : Turning.values()) {
                Attempt attempt = new Attempt(area, sheets, gap, rule, turning);
                if (!attempt.lay(prints)) {
                    return Optional.empty();
                }
                if (best == null || attempt.isBetterThan(best)) {
                    best = attempt;
                }
            }
        }
        return Optional.ofNullable(best).map(Attempt::laid);
    }

    private enum Turning {
        AS_IT_IS_FIRST,
        TURNED_FIRST,
        WHICHEVER_IS_BETTER
    }

    private static final class Attempt {
        private final FreeSpace.Rect area;
        private final long gap;
        private final FreeSpace.Rule rule;
        private final Turning turning;
        private final List<FreeSpace> spaces = new ArrayList<>();
        private @Nullable Laid[] laid = {};

        Attempt(Box area, List<List<Box>> sheets, Length gap, FreeSpace.Rule rule, Turning turning) {
            this.area = rect(area);
            this.gap = gap.micrometres();
            this.rule = rule;
            this.turning = turning;
            for (List<Box> sheet : sheets) {
                FreeSpace space = new FreeSpace(this.area, this.gap);
                sheet.forEach(box -> space.take(rect(box)));
                spaces.add(space);
            }
        }

        private static FreeSpace.Rect rect(Box box) {
            return new FreeSpace.Rect(
                    box.x().micrometres(),
                    box.y().micrometres(),
                    box.width().micrometres(),
                    box.height().micrometres());
        }

        /** Whether each has a place. */
        boolean lay(List<Size> prints) {
            laid = new Laid[prints.size()];
            Comparator<Integer> area = Comparator.comparingLong(i ->
                    prints.get(i).width().micrometres() * prints.get(i).height().micrometres());
            List<Integer> largestFirst = IntStream.range(0, prints.size())
                    .boxed()
                    .sorted(area.reversed())
                    .toList();
            for (int index : largestFirst) {
                Optional<Laid> place = place(prints.get(index));
                if (place.isEmpty()) {
                    return false;
                }
                laid[index] = place.get();
            }
            return true;
        }

        private Optional<Laid> place(Size print) {
            for (int sheet = 0; sheet < spaces.size(); sheet++) {
                Optional<Laid> place = placeOn(sheet, print);
                if (place.isPresent()) {
                    return place;
                }
            }
            spaces.add(new FreeSpace(area, gap));
            return placeOn(spaces.size() - 1, print);
        }

        private Optional<Laid> placeOn(int sheet, Size print) {
            FreeSpace space = spaces.get(sheet);
            long width = print.width().micrometres();
            long height = print.height().micrometres();
            Optional<FreeSpace.Spot> asItIs = space.spot(width, height, rule);
            Optional<FreeSpace.Spot> turned = space.spot(height, width, rule);
            boolean turns = asItIs.isEmpty()
                    || turned.isPresent()
                            && switch (turning) {
                                case AS_IT_IS_FIRST -> false;
                                case TURNED_FIRST -> true;
                                case WHICHEVER_IS_BETTER -> turned.get().isBetterThan(asItIs.get());
                            };
            return (turns ? turned : asItIs).map(spot -> {
                space.take(spot.rect());
                Box box = new Box(
                        new Length(spot.rect().x()),
                        new Length(spot.rect().y()),
                        new Length(spot.rect().width()),
                        new Length(spot.rect().height()));
                return new Laid(sheet, box, turns);
            });
        }

        List<Laid> laid() {
            List<Laid> all = new ArrayList<>();
            for (Laid one : laid) {
                if (one != null) {
                    all.add(one);
                }
            }
            return all;
        }

        boolean isBetterThan(Attempt other) {
            return spaces.size() != other.spaces.size()
                    ? spaces.size() < other.spaces.size()
                    : lastUse() < other.lastUse();
        }

        /** How many prints lie on the last sheet. */
        private long lastUse() {
            return laid().stream()
                    .filter(one -> one.sheet() == spaces.size() - 1)
                    .count();
        }
    }
}
