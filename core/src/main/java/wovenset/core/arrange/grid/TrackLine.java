package wovenset.core.arrange.grid;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wovenset.core.arrangement.Track;
import wovenset.core.measure.Format;
import wovenset.core.measure.Length;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/**
 * The rows or the columns of a grid along one axis.
 *
 * @param page its length
 * @param before the margin before the first
 * @param after the margin after the last
 * @param cell the size of every photo, where cells have a fixed one; null if the tracks divide the page
 */
record TrackLine(
        Length page, Length before, Length after, Length gap, List<Track> tracks, @Nullable Length cell, Axis axis) {
    /** Shares are counted in thousandths, so that all sums are of whole numbers. */
    private static final double SHARE = 1000;

    enum Axis {
        ACROSS(0, "columns", "columnGap", "columnTracks"),
        DOWN(1, "rows", "rowGap", "rowTracks");

        /** How words choose between across and down. */
        final int said;

        final String countField;
        final String gapField;
        final String trackField;

        Axis(int said, String countField, String gapField, String trackField) {
            this.said = said;
            this.countField = countField;
            this.gapField = gapField;
            this.trackField = trackField;
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
            return wrong("margins", Reason.MARGIN_NEGATIVE);
        }
        if (gap.isNegative()) {
            return wrong(axis.gapField, Reason.GAP_NEGATIVE);
        }
        Length between = page.minus(before).minus(after);
        if (between.compareTo(GridSums.SMALLEST_CELL) < 0) {
            return wrong(
                    "margins", Reason.MARGINS_TAKE_ALL, format.say(before.plus(after)), format.say(page), axis.said);
        }
        if (cell != null) {
            return fixedProblem(format, between, cell);
        }
        return fixed().isPositive() ? trackProblem(format, between) : sharedProblem(format, between);
    }

    private static GridOutcome.DoesNotFit wrong(String field, Reason reason, Object... args) {
        return new GridOutcome.DoesNotFit(field, Said.of(reason, args));
    }

    private GridOutcome.@Nullable DoesNotFit sharedProblem(Format format, Length between) {
        Length smallest = GridSums.SMALLEST_CELL;
        if (room().compareTo(smallest.times(count())) >= 0) {
            return narrowest().compareTo(smallest) >= 0 ? null : tooNarrow(format);
        }
        if (count() > 1) {
            long most = (between.micrometres() - smallest.micrometres() * count()) / (count() - 1);
            if (most >= 0) {
                return wrong(
                        axis.gapField,
                        Reason.GAPS_TOO_WIDE,
                        count(),
                        axis.said,
                        format.say(gap),
                        format.say(new Length(most)));
            }
        }
        int fit = most(between, smallest, gap);
        return wrong(axis.countField, Reason.TOO_MANY_CELLS, count(), axis.said, format.say(between), fit);
    }

    private GridOutcome.DoesNotFit tooNarrow(Format format) {
        return wrong(
                axis.trackField,
                Reason.TRACK_TOO_NARROW,
                axis.said,
                format.say(narrowest()),
                format.say(GridSums.SMALLEST_CELL));
    }

    private GridOutcome.@Nullable DoesNotFit trackProblem(Format format, Length between) {
        for (Track track : tracks) {
            if (track.length() != null && track.length().compareTo(GridSums.SMALLEST_CELL) < 0) {
                return wrong(axis.trackField, Reason.CELL_TOO_SMALL, format.say(GridSums.SMALLEST_CELL), axis.said);
            }
        }
        Length rest = room().minus(fixed());
        long sharing = tracks.stream().filter(track -> track.length() == null).count();
        if (rest.compareTo(GridSums.SMALLEST_CELL.times((int) sharing)) < 0) {
            return wrong(
                    axis.trackField,
                    sharing == 0 ? Reason.TRACKS_TOO_LONG : Reason.TRACKS_LEAVE_NOTHING,
                    axis.said,
                    format.say(fixed().plus(gap.times(count() - 1))),
                    format.say(between));
        }
        return sharing == 0 || narrowest().compareTo(GridSums.SMALLEST_CELL) >= 0 ? null : tooNarrow(format);
    }

    /** Where cells would fit without what lies around them, that is what stands in the way. */
    private GridOutcome.@Nullable DoesNotFit fixedProblem(Format format, Length between, Length size) {
        if (size.compareTo(GridSums.SMALLEST_CELL) < 0) {
            return wrong("cell", Reason.CELL_TOO_SMALL, format.say(GridSums.SMALLEST_CELL), axis.said);
        }
        if (!leftOver().isNegative()) {
            return null;
        }
        Length bare = size.times(count()).plus(gap.times(count() - 1));
        if (bare.compareTo(between) <= 0) {
            return wrong(
                    axis == Axis.DOWN ? "captions" : "bandWidth",
                    Reason.SURROUND_TOO_WIDE,
                    count(),
                    format.say(size),
                    axis.said,
                    format.say(between.minus(leftOver())),
                    format.say(between));
        }
        return wrong(
                "cell",
                Reason.FIXED_CELLS,
                count(),
                format.say(size),
                axis.said,
                format.say(bare),
                format.say(between),
                most(between, size, gap));
    }

    /** How many of a size fit in a length. */
    static int most(Length between, Length size, Length gap) {
        return (int)
                Math.max(0, (between.micrometres() + gap.micrometres()) / (size.micrometres() + gap.micrometres()));
    }
}
