package wovenset.core.arrange.slicing;

import java.util.List;
import wovenset.core.arrange.space.FrameTrim;

/**
 * How wide a block is at each height when every picture in it keeps its proportion: width = slope · height + offset, in
 * millimetres. That holds for a picture of proportion a with t across and u down around it (w = a(h − u) + t), for blocks side
 * by side (at one height, slopes and offsets add, with the gaps), and for blocks one below the other (at one width, the
 * heights add: 1/slope = Σ 1/slopeᵢ, offset = slope · (Σ offsetᵢ/slopeᵢ − gaps)). So a page of any number of whole photos
 * is solved exactly in one pass (Atkins 2008, “Blocked recursive image composition”, without its approximations).
 */
record LinearSize(double slope, double offset) {
    static LinearSize picture(double proportion, FrameTrim trim) {
        return new LinearSize(proportion, trim.across() - proportion * trim.down());
    }

    static LinearSize across(List<LinearSize> parts, double gap) {
        double slope = 0;
        double offset = gap * (parts.size() - 1);
        for (LinearSize part : parts) {
            slope += part.slope;
            offset += part.offset;
        }
        return new LinearSize(slope, offset);
    }

    static LinearSize down(List<LinearSize> parts, double gap) {
        double inverse = 0;
        double offset = -gap * (parts.size() - 1);
        for (LinearSize part : parts) {
            inverse += 1 / part.slope;
            offset += part.offset / part.slope;
        }
        return new LinearSize(1 / inverse, offset / inverse);
    }

    double width(double height) {
        return slope * height + offset;
    }

    double height(double width) {
        return (width - offset) / slope;
    }
}
