package wovenset.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.core.arrange.propose.Proposal;
import wovenset.core.arrange.propose.Proposals;
import wovenset.core.arrange.propose.Wish;
import wovenset.core.arrange.scatter.Scatter;
import wovenset.core.arrange.slicing.SlicingSums;
import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Place;
import wovenset.core.arrange.space.Space;
import wovenset.core.arrangement.Scattered;
import wovenset.core.geometry.BoxMm;
import wovenset.core.photo.Region;

/**
 * How good and how quick proposals are. Two hundred sets of 2 to 40 photos, drawn with a fixed seed from proportions as
 * cameras and phones make them, on A4, square and 3:2 pages with margins and gaps. The baseline is the plain grid, of all
 * numbers of columns, that crops least; in time, the search for that grid.
 */
final class ArrangeBench implements Benchmark {
    private static final int SETS = 200;
    private static final int ROUNDS = 25;
    private static final double GAP = 4;
    /** 3:2 and 4:3 each way up, square, 16:9 each way up, and now and then a panorama. */
    private static final double[] PROPORTIONS = {
        1.5, 1.5, 1.5, 2 / 3.0, 2 / 3.0, 4 / 3.0, 4 / 3.0, 0.75, 0.75, 1, 16 / 9.0, 9 / 16.0, 3
    };

    private static final BoxMm[] ROOMS = {
        new BoxMm(10, 10, 190, 277), new BoxMm(10, 10, 280, 280), new BoxMm(10, 10, 280, 180)
    };

    @Override
    public List<Figure> run(Path folder) {
        SplittableRandom random = new SplittableRandom(20_260_711);
        double[] lost = new double[SETS];
        double[] gridLost = new double[SETS];
        List<Double> covered = new ArrayList<>();
        List<Double> gridCovered = new ArrayList<>();
        for (int set = 0; set < SETS; set++) {
            List<Wish> photos = photos(2 + set % 39, random);
            BoxMm room = ROOMS[set % ROOMS.length];
            List<Proposal> proposals = Proposals.of(photos, new Space(room, GAP, FrameTrim.NONE), 8, set);
            lost[set] = proposals.get(0).lost();
            gridLost[set] = gridLost(photos, room);
            if (photos.size() >= 5) {
                covered.add(proposals.stream()
                        .filter(Proposal::whole)
                        .mapToDouble(Proposal::covered)
                        .max()
                        .orElse(0));
                gridCovered.add(1 - gridLost[set]);
            }
        }
        double mean = Arrays.stream(lost).average().orElseThrow();
        double gridMean = Arrays.stream(gridLost).average().orElseThrow();
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure(
                "share of a photo that the first proposal crops, mean of " + SETS + " sets",
                mean,
                "of the photo",
                gridMean,
                "at most a quarter of the plain grid's",
                mean <= gridMean / 4));
        figures.add(Figure.atLeast(
                "page covered by whole photos, median of sets of 5 and more",
                median(covered),
                "of the room",
                median(gridCovered),
                0.92));
        for (int count : new int[] {12, 60}) {
            List<Wish> photos = photos(count, random);
            int[] seed = {0};
            double time = time(() -> Proposals.of(photos, new Space(ROOMS[2], GAP, FrameTrim.NONE), 8, seed[0]++));
            figures.add(Figure.atMost(
                    "eight proposals for " + count + " photos",
                    time,
                    "ms",
                    time(() -> gridLost(photos, ROOMS[2])),
                    count == 12 ? 60 : 400));
        }
        List<Wish> photos = photos(60, random);
        Proposal page = Proposals.of(photos, new Space(ROOMS[2], 2, FrameTrim.NONE), 8, 1)
                .get(0);
        List<Double> proportions = page.order().stream()
                .map(photo -> photos.get(photo).proportion())
                .toList();
        int[] step = {0};
        figures.add(Figure.atMost(
                "a page of 60 places solved anew for another margin",
                time(() -> {
                    double margin = 10 + 0.01 * step[0]++;
                    return SlicingSums.places(
                                    page.tree(),
                                    proportions,
                                    new Space(
                                            new BoxMm(margin, margin, 300 - 2 * margin, 200 - 2 * margin),
                                            2,
                                            FrameTrim.NONE),
                                    false)
                            .orElseThrow();
                }),
                "ms",
                time(() -> gridLost(photos, ROOMS[2])),
                15));
        int[] seed = {0};
        figures.add(Figure.atMost(
                "60 prints scattered anew",
                time(() -> scattered(seed[0]++)),
                "ms",
                time(() -> gridLost(photos, ROOMS[2])),
                15));
        return figures;
    }

    private static List<Place> scattered(long seed) {
        return Scatter.places(
                new Scattered.Recipe(seed, 1, 8, 0.2),
                IntStream.range(0, 60).mapToObj(i -> PROPORTIONS[i % 3 * 2]).toList(),
                Collections.nCopies(60, new Region(0.3, 0.3, 0.4, 0.4)),
                new Space(ROOMS[2], 2, FrameTrim.NONE));
    }

    private static List<Wish> photos(int count, SplittableRandom random) {
        return IntStream.range(0, count)
                .mapToObj(i -> Wish.plain(PROPORTIONS[random.nextInt(PROPORTIONS.length)]))
                .toList();
    }

    /** The mean crop of the plain grid that crops least; empty cells at its end are allowed. */
    private static double gridLost(List<Wish> photos, BoxMm room) {
        double least = 1;
        for (int columns = 1; columns <= photos.size(); columns++) {
            int rows = (photos.size() + columns - 1) / columns;
            double cell = (room.width() - GAP * (columns - 1)) / (room.height() - GAP * (rows - 1)) * rows / columns;
            if (cell > 0) {
                least = Math.min(
                        least,
                        photos.stream()
                                .mapToDouble(
                                        photo -> 1 - Math.min(cell / photo.proportion(), photo.proportion() / cell))
                                .average()
                                .orElseThrow());
            }
        }
        return least;
    }

    private static double time(Supplier<?> work) {
        double[] times = new double[ROUNDS];
        for (int i = -ROUNDS; i < ROUNDS; i++) {
            long start = System.nanoTime();
            if (work.get() == null) {
                throw new IllegalStateException("Nothing was done");
            }
            if (i >= 0) {
                times[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        return median(Arrays.stream(times).boxed().toList());
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().toList().get(values.size() / 2);
    }
}
