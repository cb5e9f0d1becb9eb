package wovenset.core.style;

import java.util.Collection;
import java.util.UUID;

/** What styles are called: no two of a piece, or of the library, by one name, however it is written. */
public final class StyleNames {
    private StyleNames() {}

    /** @param own the style that the name is for; that it has it already does not matter */
    public static boolean isTaken(Collection<FrameStyle> known, UUID own, String name) {
        return known.stream()
                .anyMatch(style -> !style.id().equals(own) && style.name().equalsIgnoreCase(name));
    }

    /** The name without spaces at its ends; where it is taken, with the first number from 2 on that makes it free. */
    public static String free(Collection<FrameStyle> known, UUID own, String name) {
        String wanted = name.strip();
        String free = wanted;
        for (int number = 2; isTaken(known, own, free); number++) {
            free = wanted + " " + number;
        }
        return free;
    }
}
