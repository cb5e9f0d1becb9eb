package wovenset.server.web;

import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.ser.std.StdSerializer;

/** A number written to six places after the point. */
public final class Rounded extends StdSerializer<Double> {
    private static final double GRAIN = 1e6;

    Rounded() {
        super(Double.class);
    }

    @Override
    public void serialize(Double value, JsonGenerator generator, SerializationContext context) {
        generator.writeNumber(of(value));
    }

    /** The number that is written for this one. */
    public static double of(double value) {
        return Math.rint(value * GRAIN) / GRAIN;
    }

    /** For records with the sides of a box. */
    record Box(
            @JsonSerialize(using = Rounded.class) double x,
            @JsonSerialize(using = Rounded.class) double y,
            @JsonSerialize(using = Rounded.class) double width,
            @JsonSerialize(using = Rounded.class) double height) {}
}
