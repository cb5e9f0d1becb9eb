package wovenset.server.web;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Refuses values from outside in which a field is missing that its record does not declare nullable or optional. */
public final class RequiredFields {
    private RequiredFields() {}

    /** @throws MissingFieldException naming the first missing field */
    public static <T> T check(@Nullable T value) {
        if (value == null) {
            throw new MissingFieldException("the request's body");
        }
        walk(value);
        return value;
    }

    private static void walk(Object value) {
        if (value instanceof List<?> list) {
            for (Object element : list) {
                if (element == null) {
                    throw new MissingFieldException("an element of a list");
                }
                walk(element);
            }
        } else if (value instanceof Optional<?> optional) {
            optional.ifPresent(RequiredFields::walk);
        } else if (value.getClass().isRecord()) {
            for (RecordComponent component : value.getClass().getRecordComponents()) {
                Object inner = read(component, value);
                if (inner != null) {
                    walk(inner);
                } else if (!mayBeAbsent(component)) {
                    throw new MissingFieldException(component.getName());
                }
            }
        }
    }

    static boolean mayBeAbsent(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                || component.getType().equals(Optional.class);
    }

    private static @Nullable Object read(RecordComponent component, Object value) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(value);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A field that a request must have is not there. */
    public static final class MissingFieldException extends RuntimeException {
        private final String field;

        MissingFieldException(String field) {
            super("“" + field + "” is missing.");
            this.field = field;
        }

        public String field() {
            return field;
        }
    }
}
