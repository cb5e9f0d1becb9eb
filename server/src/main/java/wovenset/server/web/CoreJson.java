package wovenset.server.web;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import java.util.function.Function;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.introspect.VisibilityChecker;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import wovenset.core.arrangement.Grid;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.geometry.BoxMm;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.measure.Resolution;
import wovenset.core.photo.PhotoId;
import wovenset.core.photo.Region;
import wovenset.core.piece.Entries;

/**
 * How the core's values are written as JSON: lengths as whole micrometres, photos and colours as text, resolutions as
 * pixels per inch, slicing trees as their text, closed choices as objects with a {@code kind} ({@link Kinds}).
 */
@Configuration
public class CoreJson {
    /** Records are told by their components; what they can be asked besides is no part of them. */
    public static VisibilityChecker onlyComponents(VisibilityChecker visible) {
        return visible.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE);
    }

    @Bean
    JsonMapperBuilderCustomizer onlyComponentsToo() {
        return builder -> builder.changeDefaultVisibility(CoreJson::onlyComponents);
    }

    /** What the browser is told of places on a page goes by the nanometre: longer fractions are only sums of doubles. */
    @Bean
    JacksonModule placesModule() {
        SimpleModule module = new SimpleModule("places");
        module.setMixInAnnotation(BoxMm.class, Rounded.Box.class);
        module.setMixInAnnotation(Region.class, Rounded.Box.class);
        return module;
    }

    @Bean
    public JacksonModule coreModule() {
        SimpleModule module = new SimpleModule("core");
        scalar(module, Length.class, Length::micrometres, parser -> Length.ofMicrometres(wholeNumber(parser)));
        scalar(module, PhotoId.class, PhotoId::sha256, parser -> new PhotoId(parser.getString()));
        scalar(module, Rgb.class, Rgb::hex, parser -> new Rgb(parser.getString()));
        scalar(module, Resolution.class, Resolution::ppi, parser -> new Resolution(parser.getDoubleValue()));
        scalar(module, SlicingTree.class, SlicingTree::toString, parser -> SlicingTree.parse(parser.getString()));
        module.addSerializer(Entries.class, new StdSerializer<Entries>(Entries.class) {
            @Override
            public void serialize(Entries entries, JsonGenerator generator, SerializationContext context) {
                generator.writePOJO(entries.list());
            }
        });
        for (Class<?> choice : Kinds.CHOICES) {
            module.setMixInAnnotation(choice, Kinds.OfSeveral.class);
            Kinds.of(choice).forEach((name, kind) -> module.registerSubtypes(new NamedType(kind, name)));
        }
        module.setMixInAnnotation(Grid.class, Kinds.OfOne.class);
        return module;
    }

    private static long wholeNumber(JsonParser parser) {
        if (!parser.currentToken().isNumeric()) {
            throw new NoLengthException();
        }
        return parser.getLongValue();
    }

    /** Something that stands where a length should. */
    static final class NoLengthException extends IllegalArgumentException {
        NoLengthException() {
            super("A length is a whole number of micrometres");
        }
    }

    private static <T> void scalar(
            SimpleModule module, Class<T> type, Function<T, Object> write, Function<JsonParser, T> read) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            @Override
            public void serialize(T value, JsonGenerator generator, SerializationContext context) {
                generator.writePOJO(write.apply(value));
            }
        });
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            @Override
            public T deserialize(JsonParser parser, DeserializationContext context) {
                return read.apply(parser);
            }
        });
    }
}
