package wovenset.bench;

import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.album.AlbumFlow;
import wovenset.core.arrange.Places;
import wovenset.core.arrange.space.PlacesOutcome;
import wovenset.core.arrangement.Margins;
import wovenset.core.arrangement.Slicing;
import wovenset.core.edit.AlbumEdit;
import wovenset.core.edit.Edit;
import wovenset.core.edit.EntryEdit;
import wovenset.core.edit.apply.Edits;
import wovenset.core.geometry.BoxMm;
import wovenset.core.item.Frame;
import wovenset.core.photo.PhotoFacts;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.PhotoNotes;
import wovenset.core.photo.PixelSize;
import wovenset.core.piece.Album;
import wovenset.core.piece.Page;
import wovenset.core.piece.Piece;
import wovenset.core.testing.Pieces;

/**
 * How good and how quick albums flow. Sixty streams of 40 to 200 photos with a fixed seed, as cameras bring them: days with hours between
 * them, bursts of a few seconds, runs of upright photos, now and then a panorama; on pages of three proportions, two to five on a page. The
 * baseline fills grids of four in order. A break is inside a burst if less than thirty seconds lie between the photos beside it. In time, the
 * flow alone is measured, with all that it reads of the piece.
 */
final class FlowBench implements Benchmark {
    private static final int STREAMS = 60;
    private static final double MARGIN = 12;
    private static final double GAP = 4;
    private static final double[] PROPORTIONS = {1.5, 1.5, 4 / 3.0, 4 / 3.0, 1, 16 / 9.0};
    private static final double[][] FORMATS = {{210, 297}, {210, 210}, {300, 200}};
    private static final Duration BURST = Duration.ofSeconds(30);
    private static final int ROUNDS = 7;

    /** Photos of one stream: their proportions and times by their numbers. */
    private record Stream(List<Double> proportions, List<LocalDateTime> times) implements PhotoFacts {
        @Override
        public Optional<PixelSize> size(PhotoId photo) {
            return Optional.of(new PixelSize((int) (3000 * proportions.get(Pieces.number(photo))), 3000));
        }

        @Override
        public Map<PhotoId, PhotoNotes> notes(UUID piece, List<PhotoId> photos) {
            Map<PhotoId, PhotoNotes> notes = new HashMap<>();
            photos.forEach(photo -> notes.put(
                    photo, new PhotoNotes("", Optional.of(times.get(Pieces.number(photo))), "", Optional.empty())));
            return notes;
        }
    }

    private static Stream stream(int photos, SplittableRandom random) {
        List<Double> proportions = new ArrayList<>();
        List<LocalDateTime> times = new ArrayList<>();
        LocalDateTime at = LocalDateTime.of(2026, 7, 1, 9, 0);
        int upright = 0;
        for (int i = 0; i < photos; i++) {
            upright = upright > 0 ? upright - 1 : random.nextInt(6) == 0 ? random.nextInt(1, 7) : 0;
            double proportion = PROPORTIONS[random.nextInt(PROPORTIONS.length)];
            proportions.add(random.nextInt(40) == 0 ? 3 : upright > 0 ? 1 / proportion : proportion);
            int kind = random.nextInt(20);
            at = at.plusSeconds(
                    kind < 10
                            ? random.nextInt(2, 20)
                            : kind < 17
                                    ? random.nextInt(60, 1800)
                                    : kind < 19 ? random.nextInt(3600, 14_400) : random.nextInt(40_000, 90_000));
            times.add(at);
        }
        return new Stream(proportions, times);
    }

    private static Piece gathered(Stream stream, double[] format) {
        Piece piece = Pieces.piece(Pieces.grid(2, 2, (int) MARGIN, (int) GAP), 1)
                .withFormat(Pieces.format(format[0], format[1]));
        return new Edits(stream, UUID::randomUUID)
                .apply(
                        piece,
                        new EntryEdit.AddPhotos(IntStream.range(0, stream.proportions.size())
                                .mapToObj(Pieces::photo)
                                .toList()))
                .piece();
    }

    private static Album album(int least, int most) {
        return new Album(least, most, false, false, false, Margins.all(Pieces.mm(MARGIN)), Pieces.mm(GAP), List.of());
    }

    /** What is told of one album. */
    private record Quality(double lost, double covered, double uneven, double insideBursts) {
        static Quality of(Piece piece, Stream stream) {
            double lost = 0;
            double covered = 0;
            double uneven = 0;
            double inside = 0;
            int photos = 0;
            for (int i = 0; i < piece.pages().size(); i++) {
                Page page = piece.pages().get(i);
                PlacesOutcome.Fits places = (PlacesOutcome.Fits) Places.of(piece, page, stream);
                double area = 0;
                List<Integer> numbers = new ArrayList<>();
                for (Frame frame : page.slotted()) {
                    Optional<Integer> number = piece.entryOf(page, frame).map(entry -> Pieces.number(entry.photo()));
                    if (number.isPresent()) {
                        BoxMm box = places.of(frame.id()).box();
                        double ratio = box.width() / box.height() / stream.proportions.get(number.get());
                        lost += 1 - Math.min(ratio, 1 / ratio);
                        area += box.width() * box.height();
                        numbers.add(number.get());
                    }
                }
                photos += numbers.size();
                covered += area / room(piece, page);
                if (i > 0 && i % 2 == 0) {
                    uneven += Math.abs(
                            numbers.size() - piece.pages().get(i - 1).slotted().size());
                }
                int first = numbers.get(0);
                boolean burst = first > 0
                        && Duration.between(stream.times.get(first - 1), stream.times.get(first))
                                        .compareTo(BURST)
                                < 0;
                inside += burst ? 1 : 0;
            }
            int pages = piece.pages().size();
            return new Quality(lost / photos, covered / pages, uneven / (pages / 2.0), inside / pages);
        }

        /** The type area less the gaps of the page's cuts, as if they all ran through. */
        private static double room(Piece piece, Page page) {
            double width = piece.format().width().mm() - 2 * MARGIN;
            double height = piece.format().height().mm() - 2 * MARGIN;
            int photos = page.slotted().size();
            double gaps = page.arrangement() instanceof Slicing || photos > 1
                    ? GAP * (Math.sqrt(photos) - 1) * (width + height)
                    : 0;
            return width * height - gaps;
        }
    }

    private static double mean(List<Quality> all, ToDoubleFunction<Quality> of) {
        return all.stream().mapToDouble(of).average().orElseThrow();
    }

    @Override
    public List<Figure> run(Path folder) {
        SplittableRandom random = new SplittableRandom(20_260_711);
        List<Quality> flowed = new ArrayList<>();
        List<Quality> filled = new ArrayList<>();
        for (int i = 0; i < STREAMS; i++) {
            Stream stream = stream(40 + random.nextInt(161), random);
            Piece piece = gathered(stream, FORMATS[i % FORMATS.length]);
            flowed.add(Quality.of(AlbumFlow.flowed(piece, album(2, 5), stream, UUID::randomUUID), stream));
            filled.add(Quality.of(
                    new Edits(stream, UUID::randomUUID)
                            .apply(piece, new AlbumEdit.FlowEntries())
                            .piece(),
                    stream));
        }
        List<Figure> figures = new ArrayList<>();
        double grid = mean(filled, Quality::lost);
        figures.add(Figure.atMost(
                "share of the photos' area that is cropped in an album",
                mean(flowed, Quality::lost),
                "",
                grid,
                grid / 4));
        figures.add(Figure.atLeast(
                "share of the type area that is covered",
                mean(flowed, Quality::covered),
                "",
                mean(filled, Quality::covered),
                0.85));
        figures.add(Figure.atMost(
                "difference of the numbers on facing pages",
                mean(flowed, Quality::uneven),
                "photos",
                mean(filled, Quality::uneven),
                1));
        double inside = mean(filled, Quality::insideBursts);
        figures.add(Figure.atMost(
                "pages that begin inside a burst", mean(flowed, Quality::insideBursts), "", inside, inside / 2));
        figures.addAll(times(random));
        return figures;
    }

    private static List<Figure> times(SplittableRandom random) {
        List<Figure> figures = new ArrayList<>();
        double hundred = 0;
        for (int photos : new int[] {100, 200, 400, 800, 1600}) {
            Stream stream = stream(photos + 1, random);
            Piece piece = gathered(stream, FORMATS[1]);
            double ms = median(() -> AlbumFlow.flowed(piece, album(4, 6), stream, UUID::randomUUID));
            hundred = photos == 100 ? ms : hundred;
            figures.add(Figure.atMost(
                    "flowing " + photos + " photos, median",
                    ms,
                    "ms",
                    hundred,
                    photos == 800 ? 2000 : 1.5 * hundred * photos / 100));
            if (photos == 800) {
                Piece made = AlbumFlow.flowed(piece, album(4, 6), stream, UUID::randomUUID);
                Edits edits = new Edits(stream, UUID::randomUUID);
                Edit late = new EntryEdit.RemoveEntries(
                        List.of(made.entries().list().get(400).id()));
                Piece other = edits.apply(made, late).piece();
                figures.add(Figure.atMost(
                        "flowing 800 anew after one photo is gone, checked as an edit, median",
                        median(() -> edits.apply(other, new AlbumEdit.FlowAlbum(album(4, 6)))),
                        "ms",
                        ms,
                        300));
            }
        }
        return figures;
    }

    private static double median(Runnable work) {
        double[] times = new double[ROUNDS];
        work.run();
        for (int i = 0; i < ROUNDS; i++) {
            long start = System.nanoTime();
            work.run();
            times[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(times);
        return times[ROUNDS / 2];
    }
}
