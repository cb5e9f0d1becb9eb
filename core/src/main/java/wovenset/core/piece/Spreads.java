package wovenset.core.piece;

import java.util.List;
import java.util.Optional;

/** Which pages of a bound piece face each other: the first lies alone on the right, then two and two. Places are counted from 0. */
public final class Spreads {
    private Spreads() {}

    public static boolean isLeft(int index) {
        return index % 2 == 1;
    }

    /** A picture that lies across the fold between this page and the next one; none if the next page does not face it. */
    public static Optional<SharedPicture> across(List<Page> pages, int index) {
        if (!isLeft(index) || index + 1 >= pages.size()) {
            return Optional.empty();
        }
        Page right = pages.get(index + 1);
        return pages.get(index).pictures().stream()
                .filter(picture -> right.picture(picture.id()).isPresent())
                .findFirst();
    }
}
