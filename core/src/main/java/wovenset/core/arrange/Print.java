package wovenset.core.arrange;

import wovenset.core.geometry.BoxMm;

/** A scattered print under way: its frame's size, its centre, and how it is turned. Millimetres, radians. */
final class Print {
    /** Sample points along each side. */
    static final int SAMPLES = 7;

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

    double width() {
        return width;
    }

    double height() {
        return height;
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

    Place place() {
        return new Place(new BoxMm(x - width / 2, y - height / 2, width, height + band), Math.toDegrees(turn) + 0.0);
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

    boolean mayMeet(Print other) {
        double radius = Math.hypot(width / 2, height / 2 + band) + Math.hypot(other.width / 2, other.height / 2 + other.band);
        double dx = x - other.x;
        double dy = y - other.y;
        return dx * dx + dy * dy < radius * radius;
    }

    double sampleX(double acrossShare, double downShare) {
        return x + (acrossShare - 0.5) * width * cos - (downShare - 0.5) * height * sin;
    }

    double sampleY(double acrossShare, double downShare) {
        return y + (acrossShare - 0.5) * width * sin + (downShare - 0.5) * height * cos;
    }
}
