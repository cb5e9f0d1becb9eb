package wovenset.bench.figure;

import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * One measured figure.
 *
 * @param baseline the same kind of figure for the baseline, in the same unit, of the same run
 * @param asked what was asked for, in words
 */
public record Figure(String name, double value, String unit, double baseline, String asked, boolean met) {
    private static final JsonMapper MAPPER = new JsonMapper();

    public static Figure atLeast(String name, double value, String unit, double baseline, double least) {
        return new Figure(name, value, unit, baseline, "at least " + plain(least) + " " + unit, value >= least);
    }

    public static Figure atMost(String name, double value, String unit, double baseline, double most) {
        return new Figure(name, value, unit, baseline, "at most " + plain(most) + " " + unit, value <= most);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }

    public String json() {
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("name", name);
        fields.put("value", rounded(value));
        fields.put("unit", unit);
        fields.put("baseline", rounded(baseline));
        fields.put("ratio", rounded(value / baseline));
        fields.put("asked", asked);
        fields.put("met", met);
        return MAPPER.writeValueAsString(fields);
    }

    private static double rounded(double number) {
        return Math.round(number * 1000) / 1000.0;
    }
}
