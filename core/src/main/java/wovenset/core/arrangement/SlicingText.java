package wovenset.core.arrangement;

import java.util.ArrayList;
import java.util.List;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;
import wovenset.core.said.UnfitValueException;

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
            throw wrong(Reason.CUTS_GO_ON);
        }
        return tree;
    }

    private SlicingTree part(int depth) {
        if (depth > SlicingTree.MOST_DEPTH) {
            throw wrong(Reason.CUTS_TOO_DEEP);
        }
        char sign = sign();
        if (sign == 'p') {
            at++;
            return leaf();
        }
        if (sign != '(' && sign != '[') {
            throw wrong(Reason.CUTS_SIGN);
        }
        at++;
        List<SlicingTree> parts = new ArrayList<>();
        char end = sign == '(' ? ')' : ']';
        while (sign() != end) {
            parts.add(part(depth + 1));
        }
        at++;
        if (parts.size() < 2) {
            throw wrong(Reason.CUTS_ONE_PART);
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
            throw wrong(Reason.CUTS_NUMBER);
        }
    }

    private char sign() {
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private UnfitValueException wrong(Reason expected) {
        return new UnfitValueException(Said.of(expected, at + 1));
    }
}
