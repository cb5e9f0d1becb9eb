package wovenset.core.caption;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wovenset.core.said.Checks;
import wovenset.core.said.Reason;

/**
 * A table of a person's own as a piece keeps it: what its columns are called, and how a row becomes words. The rows are with the photos.
 *
 * @param columns 1 to {@value #MOST_COLUMNS}, no two alike but for capitals
 * @param pattern as {@link CaptionPattern} reads it; its fields may be the columns
 */
public record OwnTable(List<String> columns, String pattern) {
    public static final int MOST_COLUMNS = 50;
    public static final int LONGEST_NAME = 60;

    public OwnTable {
        columns = columns.stream().map(String::strip).toList();
        Checks.that(!columns.isEmpty() && columns.size() <= MOST_COLUMNS, Reason.TABLE_COLUMNS, MOST_COLUMNS);
        Set<String> names = new HashSet<>();
        for (String name : columns) {
            // These would end a pattern's field.
            boolean fits = !name.isEmpty() && name.length() <= LONGEST_NAME && !name.matches(".*[{},\\p{Cntrl}].*");
            Checks.that(fits, Reason.TABLE_COLUMN_NAME, LONGEST_NAME);
            Checks.that(names.add(field(name)), Reason.TABLE_COLUMN_TWICE, name);
        }
        Checks.that(pattern.length() <= CaptionPattern.LONGEST, Reason.CAPTION_PATTERN_LENGTH, CaptionPattern.LONGEST);
    }

    /** What a pattern calls a column. */
    public static String field(String column) {
        return column.toLowerCase(Locale.ROOT);
    }
}
