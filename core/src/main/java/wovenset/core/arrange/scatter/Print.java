package wovenset.core.arrange.scatter;

import wovenset.core.arrange.space.FrameTrim;
import wovenset.core.arrange.space.Place;
import wovenset.core.geometry.BoxMm;

/** A scattered print under way: its frame's size, its centre, and how it is turned. Millimetres, radians. */
final class Print {
    private double width;
    private double height;
    private final FrameTrim trim;
    double x;
    double y;
    private double turn;
    private double cos = 1;
    private double sin;

    /** @param trim what surrounds its picture, of which the words' room is not in its size */
    Print(double width, double height, FrameTrim trim) {
        this.width = width;
        this.height = height;
        this.trim = trim;
    }

    Print copy() {
        Print copy = new Print(width, height, trim);
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

    FrameTrim trim() {
        return trim;
    }

    /** Where it begins and ends along its axes, seen from its centre, its words with it. */
    private double left() {
        return -width / 2 - trim.strip(FrameTrim.Side.LEFT);
    }

    private double right() {
        return width / 2 + trim.strip(FrameTrim.Side.RIGHT);
    }

    private double top() {
        return -height / 2 - trim.strip(FrameTrim.Side.ABOVE);
    }

    private double bottom() {
        return height / 2 + trim.strip(FrameTrim.Side.BELOW);
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

    /** Half of the upright box around it, across and down; the words' room counts on both sides, so it is a little generous. */
    double reachX() {
        return Math.abs(cos) * Math.max(-left(), right()) + Math.abs(sin) * Math.max(-top(), bottom());
    }

    double reachY() {
        return Math.abs(sin) * Math.max(-left(), right()) + Math.abs(cos) * Math.max(-top(), bottom());
    }

    boolean covers(double pageX, double pageY) {
        double dx = pageX - x;
        double dy = pageY - y;
        double u = dx * cos + dy * sin;
        double v = dy * cos - dx * sin;
        return u >= left() && u <= right() && v >= top() && v <= bottom();
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
        double from = Math.max(entry(u, overU, left(), right()), entry(v, overV, top(), bottom()));
        double to = Math.min(exit(u, overU, left(), right()), exit(v, overV, top(), bottom()));
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
