package wovenset.core.piece;

import java.util.ArrayList;
import java.util.List;

/** Reads the text of a {@link SlicingTree}. */
final class SlicingText {
    private final String text;
    private int at;

    SlicingText(String text) {
        this.text = text;
    }

    SlicingTree tree() {
        SlicingTree tree = part(0);
        if (at < text.length()) {
            throw wrong("nothing more");
        }
        return tree;
    }

    private SlicingTree part(int depth) {
        if (depth > SlicingTree.MOST_DEPTH) {
            throw wrong("fewer cuts inside each other");
        }
        char sign = sign();
        if (sign == 'p') {
            at++;
            return leaf();
        }
        if (sign != '(' && sign != '[') {
            throw wrong("“p”, “(” or “[”");
        }
        at++;
        List<SlicingTree> parts = new ArrayList<>();
        char end = sign == '(' ? ')' : ']';
        while (sign() != end) {
            parts.add(part(depth + 1));
        }
        at++;
        if (parts.size() < 2) {
            throw wrong("at least two parts before it");
        }
        return new SlicingTree.Cut(sign == '(' ? SlicingTree.Way.ACROSS : SlicingTree.Way.DOWN, parts);
    }

    private SlicingTree.Leaf leaf() {
        int start = at;
        while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
            at++;
        }
        if (start == at) {
            return SlicingTree.Leaf.OWN;
        }
        try {
            return new SlicingTree.Leaf(Double.parseDouble(text.substring(start, at)));
        } catch (NumberFormatException e) {
            at = start;
            throw wrong("a number");
        }
    }

    private char sign() {
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private IllegalArgumentException wrong(String expected) {
        return new IllegalArgumentException("Cuts are wrong at sign " + (at + 1) + ": " + expected + " was expected");
    }
}
