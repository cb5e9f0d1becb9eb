package wovenset.server.web;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wovenset.core.arrangement.Arrangement;
import wovenset.core.arrangement.Cutting;
import wovenset.core.delta.PageDelta;
import wovenset.core.edit.Edit;
import wovenset.core.edit.ItemChange;
import wovenset.core.ink.Paint;
import wovenset.core.item.Fill;
import wovenset.core.item.FrameWords;
import wovenset.core.item.Item;
import wovenset.core.item.Placement;
import wovenset.core.style.Course;
import wovenset.core.style.Ground;
import wovenset.core.style.Outline;
import wovenset.core.style.StyleDifference;
import wovenset.core.style.effect.Effect;

/**
 * The core's closed choices in JSON: an object whose {@code kind} is the record's name with a small first letter. A new kind of
 * a choice needs nothing here; a new choice is added to the list.
 */
final class Kinds {
    static final List<Class<?>> CHOICES = List.of(
            Edit.class,
            ItemChange.class,
            Arrangement.class,
            Item.class,
            Placement.class,
            Fill.class,
            FrameWords.class,
            Outline.class,
            Ground.class,
            Course.class,
            StyleDifference.class,
            Effect.class,
            Paint.class,
            Cutting.class,
            PageDelta.class);

    private Kinds() {}

    /** The kinds of a choice by their names, those of choices within it, too. */
    static Map<String, Class<?>> of(Class<?> choice) {
        Map<String, Class<?>> kinds = new LinkedHashMap<>();
        for (Class<?> kind : leaves(choice)) {
            String name = kind.getSimpleName();
            kinds.put(Character.toLowerCase(name.charAt(0)) + name.substring(1), kind);
        }
        return kinds;
    }

    private static List<Class<?>> leaves(Class<?> choice) {
        List<Class<?>> leaves = new ArrayList<>();
        for (Class<?> kind : choice.getPermittedSubclasses()) {
            leaves.addAll(kind.isSealed() ? leaves(kind) : List.of(kind));
        }
        return leaves;
    }

    /** How a choice is told. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    interface OfSeveral {}

    /** Where only one kind can stand, it need not say so. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NONE)
    interface OfOne {}
}
