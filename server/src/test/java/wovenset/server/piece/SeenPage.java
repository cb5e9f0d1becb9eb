package wovenset.server.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** A page as a window knows it that puts each answer's change over what it knew. */
final class SeenPage {
    private static final List<String> SHELL = List.of("ground", "arrangement", "guides", "pictures");
    private static final List<String> SHEET = List.of("widthMm", "heightMm", "bleedMm", "colour", "grid");

    private final Map<String, JsonNode> shell = new LinkedHashMap<>();
    private final Map<String, List<JsonNode>> lists = new LinkedHashMap<>();
    private long look;

    SeenPage(JsonNode view) {
        look = view.path("look").asLong();
        SHELL.forEach(name -> shell.put(name, view.path("page").path(name)));
        SHEET.forEach(name -> shell.put(name, view.path("scene").path(name)));
        lists.put("item", list(view.path("page").path("items")));
        lists.put("frame", list(view.path("scene").path("frames")));
        lists.put("unit", list(view.path("scene").path("units")));
    }

    void change(JsonNode change) {
        if (change.path("before").asLong() != look) {
            throw new IllegalStateException("The change starts from look " + change.path("before") + ", not " + look);
        }
        look = change.path("look").asLong();
        shell.keySet().forEach(name -> shell.put(name, change.path(name)));
        lists.replaceAll((name, before) -> renewed(before, change.path(name + "s"), change.path(name + "Order")));
    }

    private static List<JsonNode> renewed(List<JsonNode> before, JsonNode changed, JsonNode order) {
        Map<String, JsonNode> known = new LinkedHashMap<>();
        before.forEach(value -> known.put(id(value), value));
        List<String> ids = new ArrayList<>(known.keySet());
        changed.forEach(value -> known.put(id(value), value));
        if (order.isObject()) {
            int at = order.path("at").asInt();
            ids.subList(at, at + order.path("removed").size()).clear();
            ids.addAll(
                    at,
                    list(order.path("inserted")).stream()
                            .map(JsonNode::asString)
                            .toList());
        }
        return ids.stream().map(known::get).toList();
    }

    private static String id(JsonNode value) {
        return value.path("id")
                .asString(value.path("frameId").asString(value.path("itemId").asString()));
    }

    private static List<JsonNode> list(JsonNode array) {
        return array.valueStream().toList();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof SeenPage page
                && page.look == look
                && page.shell.equals(shell)
                && page.lists.equals(lists);
    }

    @Override
    public int hashCode() {
        return lists.hashCode();
    }

    @Override
    public String toString() {
        return look + " " + shell + lists;
    }
}
