package wovenset.core.arrange.scatter;

import wovenset.core.arrange.space.Place;
import wovenset.core.geometry.BoxMm;

/** A scattered print under way: its frame's size, its centre, and how it is turned. Millimetres, radians. */
final class Print {
    private double width;
    private double height;
    private final double band;
    double x;
    double y;
    private double turn;
    private double cos = 1;
    private double sin;

    /** @param band the words' room below the frame */
    Print(double width, double height, double band) {
        this.width = width;
        this.height = height;
        this.band = band;
    }

    Print copy() {
        Print copy = new Print(width, height, band);
        copy.x = x;
        copy.y = y;
        copy.turnTo(turn);
        return copy;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    double band() {
        return band;
    }

    /** Makes its picture smaller about its centre; the border around it stays as wide. */
    void scale(double factor, double borders) {
        width = (width - borders) * factor + borders;
        height = (height - borders) * factor + borders;
    }

    void turnTo(double radians) {
        turn = radians;
        cos = Math.cos(radians);
        sin = Math.sin(radians);
    }

    double turn() {
        return turn;
    }

    /** Its picture and inner bands, where the outer ones are this wide. */
    Place place(double outsideMm) {
        BoxMm all = new BoxMm(x - width / 2, y - height / 2, width, height);
        return new Place(all.inset(outsideMm), Math.toDegrees(turn) + 0.0);
    }

    /** Half of the upright box around it, across and down; the band counts on both sides, so it is a little generous. */
    double reachX() {
        return Math.abs(cos) * width / 2 + Math.abs(sin) * (height / 2 + band);
    }

    double reachY() {
        return Math.abs(sin) * width / 2 + Math.abs(cos) * (height / 2 + band);
    }

    boolean covers(double pageX, double pageY) {
        double dx = pageX - x;
        double dy = pageY - y;
        double u = dx * cos + dy * sin;
        double v = dy * cos - dx * sin;
        return Math.abs(u) <= width / 2 && v >= -height / 2 && v <= height / 2 + band;
    }

    /** Never false for prints that meet: the upright boxes around them are compared. */
    boolean mayMeet(Print other) {
        return Math.abs(x - other.x) < reachX() + other.reachX() && Math.abs(y - other.y) < reachY() + other.reachY();
    }

    double sampleX(double acrossShare, double downShare) {
        return x + (acrossShare - 0.5) * width * cos - (downShare - 0.5) * height * sin;
    }

    double sampleY(double acrossShare, double downShare) {
        return y + (acrossShare - 0.5) * width * sin + (downShare - 0.5) * height * cos;
    }

    /**
     * Which points of a row across another print lie under this one: the row is a line, of which this one covers a stretch.
     *
     * @param downShare how far down the other the row is
     * @param covered a point for each of equal parts of the row; those covered are set
     */
    void coverRow(Print other, double downShare, boolean[] covered) {
        double dx = other.sampleX(0, downShare) - x;
        double dy = other.sampleY(0, downShare) - y;
        double alongX = other.width * other.cos;
        double alongY = other.width * other.sin;
        double u = dx * cos + dy * sin;
        double v = dy * cos - dx * sin;
        double overU = alongX * cos + alongY * sin;
        double overV = alongY * cos - alongX * sin;
        double from = Math.max(entry(u, overU, -width / 2, width / 2), entry(v, overV, -height / 2, height / 2 + band));
        double to = Math.min(exit(u, overU, -width / 2, width / 2), exit(v, overV, -height / 2, height / 2 + band));
        int first = Math.max(0, (int) Math.ceil(from * covered.length - 0.5));
        int last = Math.min(covered.length - 1, (int) Math.floor(to * covered.length - 0.5));
        for (int i = first; i <= last; i++) {
            covered[i] = true;
        }
    }

    /** At which share of the way from start a point comes between the limits; beyond the way if it never does. */
    private static double entry(double start, double way, double least, double most) {
        if (way == 0) {
            return start >= least && start <= most ? 0 : 2;
        }
        return Math.max(0, Math.min(2, Math.min((least - start) / way, (most - start) / way)));
    }

    private static double exit(double start, double way, double least, double most) {
        if (way == 0) {
            return start >= least && start <= most ? 1 : -1;
        }
        return Math.min(1, Math.max(-1, Math.max((least - start) / way, (most - start) / way)));
    }
}
