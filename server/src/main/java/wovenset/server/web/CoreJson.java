package wovenset.server.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import wovenset.core.edit.Edit;
import wovenset.core.measure.Length;
import wovenset.core.measure.Resolution;
import wovenset.core.piece.Arrangement;
import wovenset.core.piece.Free;
import wovenset.core.piece.Grid;
import wovenset.core.piece.PhotoId;
import wovenset.core.piece.Rgb;
import wovenset.core.piece.Scattered;
import wovenset.core.piece.Slicing;
import wovenset.core.piece.SlicingTree;

/**
 * How the core's values are written as JSON: lengths as whole micrometres, photos and colours as text, resolutions as
 * pixels per inch, slicing trees as their text, edits and arrangements as objects with a {@code kind}.
 */
@Configuration
public class CoreJson {
    @Bean
    public JacksonModule coreModule() {
        SimpleModule module = new SimpleModule("core");
        scalar(module, Length.class, Length::micrometres, parser -> Length.ofMicrometres(wholeNumber(parser)));
        scalar(module, PhotoId.class, PhotoId::sha256, parser -> new PhotoId(parser.getString()));
        scalar(module, Rgb.class, Rgb::hex, parser -> new Rgb(parser.getString()));
        scalar(module, Resolution.class, Resolution::ppi, parser -> new Resolution(parser.getDoubleValue()));
        scalar(module, SlicingTree.class, SlicingTree::toString, parser -> SlicingTree.parse(parser.getString()));
        module.setMixInAnnotation(Edit.class, EditKinds.class);
        module.setMixInAnnotation(Arrangement.class, ArrangementKinds.class);
        module.setMixInAnnotation(Grid.class, OneKind.class);
        return module;
    }

    private static long wholeNumber(JsonParser parser) {
        if (!parser.currentToken().isNumeric()) {
            throw new IllegalArgumentException("A length is a whole number of micrometres");
        }
        return parser.getLongValue();
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
                try {
                    return read.apply(parser);
                } catch (IllegalArgumentException e) {
                    return context.reportInputMismatch(this, "%s", e.getMessage());
                }
            }
        });
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Edit.RenamePiece.class, name = "renamePiece"),
        @JsonSubTypes.Type(value = Edit.SetFormat.class, name = "setFormat"),
        @JsonSubTypes.Type(value = Edit.SetDress.class, name = "setDress"),
        @JsonSubTypes.Type(value = Edit.AddPhotos.class, name = "addPhotos"),
        @JsonSubTypes.Type(value = Edit.RemovePhotos.class, name = "removePhotos"),
        @JsonSubTypes.Type(value = Edit.OrderPhotos.class, name = "orderPhotos"),
        @JsonSubTypes.Type(value = Edit.SetGrid.class, name = "setGrid"),
        @JsonSubTypes.Type(value = Edit.Arrange.class, name = "arrange"),
        @JsonSubTypes.Type(value = Edit.ApplyPattern.class, name = "applyPattern"),
        @JsonSubTypes.Type(value = Edit.Harmonise.class, name = "harmonise"),
        @JsonSubTypes.Type(value = Edit.SetMarks.class, name = "setMarks"),
        @JsonSubTypes.Type(value = Edit.FillWithCells.class, name = "fillWithCells"),
        @JsonSubTypes.Type(value = Edit.JoinCells.class, name = "joinCells"),
        @JsonSubTypes.Type(value = Edit.PartCells.class, name = "partCells"),
        @JsonSubTypes.Type(value = Edit.SizeFromCells.class, name = "sizeFromCells"),
        @JsonSubTypes.Type(value = Edit.FlowPhotos.class, name = "flowPhotos"),
        @JsonSubTypes.Type(value = Edit.PlacePhoto.class, name = "placePhoto"),
        @JsonSubTypes.Type(value = Edit.EmptyFrame.class, name = "emptyFrame"),
        @JsonSubTypes.Type(value = Edit.SwapFrames.class, name = "swapFrames"),
        @JsonSubTypes.Type(value = Edit.SetCrop.class, name = "setCrop"),
        @JsonSubTypes.Type(value = Edit.SetSubject.class, name = "setSubject"),
        @JsonSubTypes.Type(value = Edit.SetCaption.class, name = "setCaption"),
        @JsonSubTypes.Type(value = Edit.PutFrames.class, name = "putFrames"),
        @JsonSubTypes.Type(value = Edit.AddFrames.class, name = "addFrames"),
        @JsonSubTypes.Type(value = Edit.RemoveFrames.class, name = "removeFrames"),
        @JsonSubTypes.Type(value = Edit.GiveBackFrames.class, name = "giveBackFrames"),
        @JsonSubTypes.Type(value = Edit.ReleasePage.class, name = "releasePage"),
        @JsonSubTypes.Type(value = Edit.OrderFrames.class, name = "orderFrames"),
        @JsonSubTypes.Type(value = Edit.LineUpFrames.class, name = "lineUpFrames"),
        @JsonSubTypes.Type(value = Edit.EvenGaps.class, name = "evenGaps"),
        @JsonSubTypes.Type(value = Edit.SizeFrames.class, name = "sizeFrames"),
        @JsonSubTypes.Type(value = Edit.PinPhotos.class, name = "pinPhotos"),
        @JsonSubTypes.Type(value = Edit.BorderFrames.class, name = "borderFrames"),
        @JsonSubTypes.Type(value = Edit.SetGuides.class, name = "setGuides"),
        @JsonSubTypes.Type(value = Edit.AddPage.class, name = "addPage"),
        @JsonSubTypes.Type(value = Edit.CopyPage.class, name = "copyPage"),
        @JsonSubTypes.Type(value = Edit.DeletePage.class, name = "deletePage"),
        @JsonSubTypes.Type(value = Edit.MovePage.class, name = "movePage"),
    })
    interface EditKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Grid.class, name = "grid"),
        @JsonSubTypes.Type(value = Slicing.class, name = "slicing"),
        @JsonSubTypes.Type(value = Scattered.class, name = "scattered"),
        @JsonSubTypes.Type(value = Free.class, name = "free"),
    })
    interface ArrangementKinds {}

    /** Where only a grid can stand, it need not say so. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NONE)
    interface OneKind {}
}
