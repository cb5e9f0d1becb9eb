package wovenset.bench;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wovenset.bench.figure.Benchmark;
import wovenset.bench.figure.Figure;
import wovenset.bench.figure.Times;
import wovenset.core.testing.TestPhotos;
import wovenset.server.testing.Api;
import wovenset.server.testing.PrivateDatabase;
import wovenset.server.testing.RunningApplication;

/**
 * What the size of a piece costs: {@value #PAGES} pages with 800 photos, beside a piece of one such page in the same run, edits in
 * turn. Rows are those that the database itself counts as read and written. The shelf of {@value #ALBUMS} such pieces has that of
 * one as its baseline; bringing photos in has the first hundred.
 */
final class AlbumBench implements Benchmark {
    private static final int WARM = 200;
    private static final int MEASURED = 500;
    private static final int PAGES = 200;
    private static final int ALBUMS = 100;
    private static final int AT_ONCE = 20;

    @Override
    public List<Figure> run(Path folder) throws Exception {
        try (RunningApplication application = RunningApplication.start(PrivateDatabase.Durability.FULL, "");
                Connection database = DriverManager.getConnection(application.databaseUrl() + "?user=root")) {
            Api api = new Api(application.address());
            // The first photos pay for what the platform compiles then.
            album(api, 25, 0);
            String few = album(api, 1, 1).id;
            double alone = shelf(api);
            Album album = album(api, PAGES, 2);
            List<Figure> figures = new ArrayList<>(edits(api, database, few, album.id));
            figures.add(Figure.atMost(
                    "bringing in the last 100 of 800 small photos, ms a photo",
                    album.last,
                    "ms",
                    album.first,
                    round(1.2 * album.first)));
            for (int i = 1; i < ALBUMS; i++) {
                api.post("/api/pieces/" + album.id + "/copy", "");
            }
            figures.add(Figure.atMost("shelf of " + ALBUMS + " such pieces, median", shelf(api), "ms", alone, 150));
            return figures;
        }
    }

    private static List<Figure> edits(Api api, Connection database, String few, String many) throws SQLException {
        Edits inSmall = new Edits(api, few);
        Edits inLarge = new Edits(api, many);
        Times small = new Times();
        Times large = new Times();
        inTurn(inSmall, small, inLarge, large);
        double rowsOfSmall = rows(database, inSmall);
        double rowsOfLarge = rows(database, inLarge);
        int page = api.get("/api/pieces/" + many + "/pages/"
                        + api.piece(many)
                                .path("pages")
                                .get(PAGES / 2)
                                .path("id")
                                .asString())
                .bytes()
                .length;
        inSmall.caption(100);
        double stepOfSmall = step(database, few);
        inLarge.caption(100);
        double stepOfLarge = step(database, many);
        Times numberedSmall = new Times();
        Times numberedLarge = new Times();
        inSmall.number();
        inLarge.number();
        inTurn(inSmall, numberedSmall, inLarge, numberedLarge);
        String piece = " in a piece of " + PAGES + " pages and 800 photos";
        return List.of(
                Figure.atMost(
                        "edit round trip" + piece + ", median",
                        large.median(),
                        "ms",
                        small.median(),
                        round(1.2 * small.median())),
                Figure.atMost(
                        "edit round trip" + piece + ", p95", large.p95(), "ms", small.p95(), round(1.2 * small.p95())),
                Figure.atMost(
                        "edit round trip with page numbers" + piece + ", median",
                        numberedLarge.median(),
                        "ms",
                        numberedSmall.median(),
                        round(1.2 * numberedSmall.median())),
                Figure.atMost(
                        "bytes of its answer, beside the page's own",
                        inLarge.bytes(),
                        "bytes",
                        page,
                        round(1.2 * page)),
                Figure.atMost(
                        "rows that an edit reads and writes" + piece,
                        rowsOfLarge,
                        "rows",
                        rowsOfSmall,
                        round(1.2 * rowsOfSmall)),
                Figure.atMost(
                        "journal's step of a caption of 100 characters" + piece,
                        stepOfLarge,
                        "bytes",
                        stepOfSmall,
                        2000));
    }

    private static void inTurn(Edits inSmall, Times small, Edits inLarge, Times large) {
        for (int i = -WARM; i < MEASURED; i++) {
            double one = inSmall.crop();
            double other = inLarge.crop();
            if (i >= 0) {
                small.add(one);
                large.add(other);
            }
        }
    }

    private static double round(double value) {
        return Math.rint(value * 10) / 10;
    }

    /** Rows that InnoDB read, inserted, updated and deleted for one edit, the mean of ten. */
    private static double rows(Connection database, Edits edits) throws SQLException {
        long before = rows(database);
        long itself = rows(database) - before;
        before = rows(database);
        for (int i = 0; i < 10; i++) {
            edits.crop();
        }
        return (rows(database) - before - itself) / 10.0;
    }

    private static long rows(Connection database) throws SQLException {
        return number(
                database,
                "SELECT SUM(VARIABLE_VALUE) FROM information_schema.GLOBAL_STATUS WHERE VARIABLE_NAME IN"
                        + " ('INNODB_ROWS_READ', 'INNODB_ROWS_INSERTED', 'INNODB_ROWS_UPDATED', 'INNODB_ROWS_DELETED',"
                        + " 'HANDLER_READ_KEY', 'HANDLER_READ_NEXT', 'HANDLER_READ_RND_NEXT', 'HANDLER_WRITE',"
                        + " 'HANDLER_UPDATE', 'HANDLER_DELETE')");
    }

    private static long step(Connection database, String piece) throws SQLException {
        return number(
                database,
                "SELECT LENGTH(step) + LENGTH(said) FROM journal_entry WHERE piece_id = '" + piece
                        + "' ORDER BY seq DESC LIMIT 1");
    }

    private static long number(Connection database, String query) throws SQLException {
        try (var statement = database.createStatement();
                var rows = statement.executeQuery(query)) {
            rows.next();
            return rows.getLong(1);
        }
    }

    /**
     * @param first milliseconds a photo of the first hundred
     * @param last of the last hundred
     */
    private record Album(String id, double first, double last) {}

    private static Album album(Api api, int pages, int seed) {
        String id = api.startPiece(pages + " pages", 300, 200).path("id").asString();
        List<Double> times = new ArrayList<>();
        for (int start = 0; start < pages * 4; start += AT_ONCE) {
            Map<String, byte[]> files = new LinkedHashMap<>();
            for (int i = start; i < Math.min(pages * 4, start + AT_ONCE); i++) {
                files.put(i + ".jpg", TestPhotos.jpeg(240, 160, 50_000 + seed * 1000 + i));
            }
            long begun = System.nanoTime();
            api.bring(id, files);
            times.add((System.nanoTime() - begun) / 1e6 / files.size());
        }
        api.edit(id, api.piece(id).path("revision").asLong(), "flowEntries");
        if (api.piece(id).path("pages").size() != pages) {
            throw new IllegalStateException("The piece has other pages");
        }
        int groups = Math.min(times.size(), 100 / AT_ONCE);
        return new Album(id, mean(times.subList(0, groups)), mean(times.subList(times.size() - groups, times.size())));
    }

    private static double mean(List<Double> times) {
        return times.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static double shelf(Api api) {
        Times times = new Times();
        for (int i = 0; i < 21; i++) {
            long start = System.nanoTime();
            if (api.get("/api/pieces").status() != 200) {
                throw new IllegalStateException("There is no shelf");
            }
            times.add((System.nanoTime() - start) / 1e6);
        }
        return times.median();
    }
}
