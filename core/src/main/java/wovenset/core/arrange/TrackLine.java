package wovenset.core.arrange;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.measure.Length;
import wovenset.core.piece.Format;
import wovenset.core.piece.Track;

/**
 * The rows or the columns of a grid along one axis.
 *
 * @param page its length
 * @param before the margin before the first
 * @param after the margin after the last
 */
record TrackLine(
        Length page, Length before, Length after, Length gap, List<Track> tracks, boolean fixedCells, Axis axis) {
    /** Shares are counted in thousandths, so that all sums are of whole numbers. */
    private static final double SHARE = 1000;

    enum Axis {
        ACROSS("columns", "columnGap", "columnTracks", "across", "wide"),
        DOWN("rows", "rowGap", "rowTracks", "down", "high");

        final String countField;
        final String gapField;
        final String trackField;
        final String way;
        final String extent;

        Axis(String countField, String gapField, String trackField, String way, String extent) {
            this.countField = countField;
            this.gapField = gapField;
            this.trackField = trackField;
            this.way = way;
            this.extent = extent;
        }
    }

    private int count() {
        return tracks.size();
    }

    private Length room() {
        return page.minus(before).minus(after).minus(gap.times(count() - 1));
    }

    private static long share(Track track) {
        return track.length() == null ? Math.round(track.share() * SHARE) : 0;
    }

    private long shares() {
        return tracks.stream().mapToLong(TrackLine::share).sum();
    }

    private Length fixed() {
        return new Length(tracks.stream()
                .filter(track -> track.length() != null)
                .mapToLong(track -> track.length().micrometres())
                .sum());
    }

    /** What the tracks leave between the margins. */
    Length leftOver() {
        return shares() > 0 ? Length.ZERO : room().minus(fixed());
    }

    Length start(int index) {
        return offset(index).plus(gap.times(index));
    }

    Length end(int index) {
        return offset(index + 1).plus(gap.times(index));
    }

    /** The widest track, for messages. */
    Length widest() {
        Length widest = Length.ZERO;
        for (int i = 0; i < count(); i++) {
            Length size = end(i).minus(start(i));
            widest = size.compareTo(widest) > 0 ? size : widest;
        }
        return widest;
    }

    Length narrowest() {
        Length narrowest = Length.LIMIT;
        for (int i = 0; i < count(); i++) {
            Length size = end(i).minus(start(i));
            narrowest = size.compareTo(narrowest) < 0 ? size : narrowest;
        }
        return narrowest;
    }

    private Length offset(int tracksBefore) {
        long shares = shares();
        long fixedBefore = 0;
        long sharesBefore = 0;
        for (Track track : tracks.subList(0, tracksBefore)) {
            fixedBefore += track.length() == null ? 0 : track.length().micrometres();
            sharesBefore += share(track);
        }
        long shared = shares == 0
                ? leftOver().micrometres() / 2
                : Math.floorDiv(room().minus(fixed()).micrometres() * sharesBefore, shares);
        return before.plus(new Length(fixedBefore + shared));
    }

    GridOutcome.@Nullable DoesNotFit problem(Format format) {
        if (before.isNegative() || after.isNegative()) {
            return new GridOutcome.DoesNotFit("margins", "A margin cannot be less than nothing.");
        }
        if (gap.isNegative()) {
            return new GridOutcome.DoesNotFit(axis.gapField, "A gap cannot be less than nothing.");
        }
        Length between = page.minus(before).minus(after);
        if (between.compareTo(GridSums.SMALLEST_CELL) < 0) {
            return new GridOutcome.DoesNotFit(
                    "margins",
                    "The margins take " + format.say(before.plus(after)) + " of a page " + format.say(page) + " "
                            + axis.extent + "; nothing is left for photos.");
        }
        if (fixedCells) {
            return fixedProblem(format, between);
        }
        return fixed().isPositive() ? trackProblem(format, between) : sharedProblem(format, between);
    }

    private GridOutcome.@Nullable DoesNotFit sharedProblem(Format format, Length between) {
        Length smallest = GridSums.SMALLEST_CELL;
        if (room().compareTo(smallest.times(count())) >= 0) {
            return narrowest().compareTo(smallest) >= 0 ? null : tooNarrow(format);
        }
        if (count() > 1) {
            long most = (between.micrometres() - smallest.micrometres() * count()) / (count() - 1);
            if (most >= 0) {
                return new GridOutcome.DoesNotFit(
                        axis.gapField,
                        "With " + count() + " cells " + axis.way + ", gaps of " + format.say(gap)
                                + " leave no room; at most " + format.say(new Length(most)) + " fits.");
            }
        }
        long fit = (between.micrometres() + gap.micrometres()) / (smallest.micrometres() + gap.micrometres());
        return new GridOutcome.DoesNotFit(
                axis.countField,
                count() + " cells " + axis.way + " do not fit in " + format.say(between) + "; at most " + fit + " do.");
    }

    private GridOutcome.DoesNotFit tooNarrow(Format format) {
        return new GridOutcome.DoesNotFit(
                axis.trackField,
                "The smallest of these " + axis.countField + " would be " + format.say(narrowest()) + " " + axis.extent
                        + "; at least " + format.say(GridSums.SMALLEST_CELL) + " is needed.");
    }

    private GridOutcome.@Nullable DoesNotFit trackProblem(Format format, Length between) {
        for (Track track : tracks) {
            if (track.length() != null && track.length().compareTo(GridSums.SMALLEST_CELL) < 0) {
                return new GridOutcome.DoesNotFit(
                        axis.trackField,
                        "A cell is at least " + format.say(GridSums.SMALLEST_CELL) + " " + axis.extent + ".");
            }
        }
        Length rest = room().minus(fixed());
        long sharing = tracks.stream().filter(track -> track.length() == null).count();
        if (rest.compareTo(GridSums.SMALLEST_CELL.times((int) sharing)) < 0) {
            return new GridOutcome.DoesNotFit(
                    axis.trackField,
                    "The fixed " + axis.countField + " and the gaps take "
                            + format.say(fixed().plus(gap.times(count() - 1))) + "; between the margins there are "
                            + format.say(between)
                            + (sharing == 0 ? "." : ", and nothing is left for the others."));
        }
        return sharing == 0 || narrowest().compareTo(GridSums.SMALLEST_CELL) >= 0 ? null : tooNarrow(format);
    }

    private GridOutcome.@Nullable DoesNotFit fixedProblem(Format format, Length between) {
        Length size = java.util.Objects.requireNonNull(tracks.get(0).length());
        if (size.compareTo(GridSums.SMALLEST_CELL) < 0) {
            return new GridOutcome.DoesNotFit(
                    "cell", "A cell is at least " + format.say(GridSums.SMALLEST_CELL) + " " + axis.extent + ".");
        }
        if (!leftOver().isNegative()) {
            return null;
        }
        return new GridOutcome.DoesNotFit(
                "cell",
                count() + " cells of " + format.say(size) + " " + axis.way + " need "
                        + format.say(size.times(count()).plus(gap.times(count() - 1)))
                        + "; between the margins there are "
                        + format.say(between) + ", room for " + most(between, size, gap) + ".");
    }

    /** How many of a size fit in a length. */
    static int most(Length between, Length size, Length gap) {
        return (int)
                Math.max(0, (between.micrometres() + gap.micrometres()) / (size.micrometres() + gap.micrometres()));
    }
}
