package wovenset.browser;

import java.util.List;
import java.util.Locale;

/** What is measured in the browser, as numbers and in words. */
final class BrowserFigures {
    private BrowserFigures() {}

    @SuppressWarnings("unchecked")
    static List<Double> numbers(Object answer) {
        return ((List<Number>) answer).stream().map(Number::doubleValue).toList();
    }

    static double median(List<List<Double>> of, int column) {
        List<Double> sorted = of.stream().map(one -> one.get(column)).sorted().toList();
        return sorted.get(sorted.size() / 2);
    }

    static double worst(List<List<Double>> of, int column) {
        return of.stream().mapToDouble(one -> one.get(column)).max().orElseThrow();
    }

    /** In the form of the bench module's figures. */
    static void print(String name, double value, double asked) {
        System.out.printf(
                Locale.ROOT,
                "{\"name\":\"%s\",\"value\":%.3f,\"asked\":%s,\"met\":%s}%n",
                name,
                value,
                asked,
                value <= asked);
    }

    /** The same, beside what something of the kind takes that cannot be done sooner. */
    static void print(String name, double value, double baseline, double asked, boolean met) {
        System.out.printf(
                Locale.ROOT,
                "{\"name\":\"%s\",\"value\":%.3f,\"baseline\":%.3f,\"ratio\":%.3f,\"asked\":%s,\"met\":%s}%n",
                name,
                value,
                baseline,
                baseline == 0 ? 0 : value / baseline,
                asked,
                met);
    }
}
