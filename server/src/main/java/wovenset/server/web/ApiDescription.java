package wovenset.server.web;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wovenset.core.arrangement.SlicingTree;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.measure.Resolution;
import wovenset.core.photo.PhotoId;

/** Makes the OpenAPI description say what {@link CoreJson} does, and which fields are always there. */
@Configuration
class ApiDescription {
    private static final Map<Class<?>, Supplier<Schema<?>>> SCALARS = Map.of(
            Length.class, () -> new NumberSchema().description("A length in whole micrometres"),
            Resolution.class, () -> new NumberSchema().description("Pixels per inch"),
            PhotoId.class, () -> new StringSchema().description("The SHA-256 of the photo's file"),
            Rgb.class, () -> new StringSchema().description("A colour as #rrggbb"),
            SlicingTree.class,
                    () -> new StringSchema()
                            .description("Cuts: p is a place, (pp) side by side, [pp] one below the other"));

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Wovenset")
                                .version("1")
                                .description(
                                        "Everything that the interface does can be done through this. Lengths are whole micrometres."));
    }

    @Bean
    ModelConverter coreValues() {
        Json.mapper().setVisibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE);
        return new CoreValues();
    }

    private static final class CoreValues implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json.mapper().constructType(type.getType());
            Class<?> raw = java == null ? Object.class : java.getRawClass();
            if (SCALARS.containsKey(raw)) {
                return SCALARS.get(raw).get();
            }
            if (Kinds.CHOICES.contains(raw)) {
                return oneOf(raw, context);
            }
            if (!chain.hasNext()) {
                return null;
            }
            Schema<?> schema = chain.next().resolve(type, context, chain);
            if (raw.isRecord()) {
                Schema<?> model = context.getDefinedModels().get(nameOf(schema, raw));
                if (model != null && model.getProperties() != null) {
                    require(model, raw);
                }
            }
            return schema;
        }

        private static String nameOf(@Nullable Schema<?> schema, Class<?> raw) {
            String ref = schema == null ? null : schema.get$ref();
            return ref == null ? raw.getSimpleName() : ref.substring(ref.lastIndexOf('/') + 1);
        }

        private static void require(Schema<?> model, Class<?> record) {
            List<String> required = Arrays.stream(record.getRecordComponents())
                    .filter(component -> !RequiredFields.mayBeAbsent(component))
                    .map(RecordComponent::getName)
                    .toList();
            model.setRequired(required);
        }

        /** One schema for each kind, with its kind as a constant. */
        private static Schema<?> oneOf(Class<?> raw, ModelConverterContext context) {
            String all = raw.getSimpleName();
            if (!context.getDefinedModels().containsKey(all)) {
                ComposedSchema union = new ComposedSchema();
                union.setDiscriminator(new Discriminator().propertyName("kind"));
                context.defineModel(all, union);
                Kinds.of(raw).forEach((name, kind) -> {
                    String schema = kind.getSimpleName();
                    context.resolve(new AnnotatedType(kind).resolveAsRef(true));
                    Schema<?> model = context.getDefinedModels().get(schema);
                    if (model == null) {
                        model = new Schema<>().type("object");
                        context.defineModel(schema, model);
                    }
                    StringSchema constant = new StringSchema();
                    constant.setEnum(List.of(name));
                    model.addProperty("kind", constant);
                    model.addRequiredItem("kind");
                    union.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + schema));
                    union.getDiscriminator().mapping(name, "#/components/schemas/" + schema);
                });
                context.defineModel(all, union);
            }
            return new Schema<>().$ref("#/components/schemas/" + all);
        }
    }
}
