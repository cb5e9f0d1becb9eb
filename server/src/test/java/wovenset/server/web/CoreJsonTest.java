package wovenset.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wovenset.core.edit.Edit;
import wovenset.core.piece.Arrangement;

class CoreJsonTest {
    private static Stream<Class<?>> kinds(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .flatMap(kind -> kind.isSealed() ? kinds(kind) : Stream.of(kind));
    }

    private static Stream<Class<?>> named(Class<?> mixin) {
        return Arrays.stream(mixin.getAnnotation(JsonSubTypes.class).value()).map(JsonSubTypes.Type::value);
    }

    @Test
    void everyEditAndArrangementHasAName() {
        assertThat(named(CoreJson.EditKinds.class))
                .containsExactlyInAnyOrderElementsOf(kinds(Edit.class).toList());
        assertThat(named(CoreJson.ArrangementKinds.class))
                .containsExactlyInAnyOrderElementsOf(kinds(Arrangement.class).toList());
    }
}
