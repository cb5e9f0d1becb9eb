package wovenset.server.caption;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.said.Reason;

/**
 * A table as comma-separated values (RFC 4180), also with semicolons or tabs between them; its first line names the columns.
 *
 * @param columns by their names in lower case
 */
record CaptionTable(List<String> columns, List<Row> rows) {
    static final int MOST_ROWS = 5000;
    static final int MOST_SIGNS = 2_000_000;

    CaptionTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /**
     * @param line of the file, counted from 1
     * @param values by their columns; none for columns that the row does not reach
     */
    record Row(long line, Map<String, String> values) {
        Row {
            values = Map.copyOf(values);
        }
    }

    /** @throws EditRefusedException saying what is wrong, and where */
    static CaptionTable read(String text) {
        if (text.length() > MOST_SIGNS) {
            throw tooLong();
        }
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(plain))
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            return of(parser);
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw EditRefusedException.of("table", Reason.TABLE_UNREADABLE, String.valueOf(e.getMessage()));
        }
    }

    private static CaptionTable of(CSVParser parser) {
        List<String> columns = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        for (CSVRecord line : parser) {
            if (columns.isEmpty()) {
                line.forEach(name -> columns.add(name.toLowerCase(Locale.ROOT)));
                continue;
            }
            if (rows.size() >= MOST_ROWS) {
                throw tooLong();
            }
            Map<String, String> values = new LinkedHashMap<>();
            for (int i = 0; i < Math.min(columns.size(), line.size()); i++) {
                values.put(columns.get(i), line.get(i));
            }
            rows.add(new Row(parser.getCurrentLineNumber(), values));
        }
        if (rows.isEmpty()) {
            throw EditRefusedException.of("table", Reason.TABLE_EMPTY);
        }
        return new CaptionTable(columns, rows);
    }

    private static EditRefusedException tooLong() {
        return EditRefusedException.of("table", Reason.TABLE_LONG, MOST_ROWS, MOST_SIGNS);
    }

    /** What is found most often in the first line. */
    private static char delimiter(String text) {
        String first = text.lines().findFirst().orElse("");
        char most = ',';
        for (char one : new char[] {';', '\t'}) {
            most = count(first, one) > count(first, most) ? one : most;
        }
        return most;
    }

    private static long count(String text, char sign) {
        return text.chars().filter(one -> one == sign).count();
    }
}
