package wovenset.server.upgrade;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import wovenset.core.ink.Paint;
import wovenset.core.ink.Rgb;
import wovenset.core.measure.Length;
import wovenset.core.style.Band;
import wovenset.core.style.CaptionStyle;
import wovenset.core.style.Corners;
import wovenset.core.style.CutMarks;
import wovenset.core.style.EdgeRun;
import wovenset.core.style.FrameStyle;
import wovenset.core.style.Grounds;
import wovenset.core.style.Language;
import wovenset.core.style.Light;
import wovenset.core.style.StyleSheet;

/** How all pages and frames of a piece looked up to version 4. */
public record OldDress(
        Rgb pageColour,
        Rgb borderColour,
        Length borderWidth,
        Length cornerRadius,
        String show,
        String typeface,
        double sizePt,
        Rgb captionColour,
        int lines) {

    public static OldDress of(JsonNode dress) {
        JsonNode captions = dress.path("captions");
        return new OldDress(
                new Rgb(dress.path("pageColour").asString()),
                new Rgb(dress.path("borderColour").asString()),
                Length.ofMicrometres(dress.path("borderWidth").asLong()),
                Length.ofMicrometres(dress.path("cornerRadius").asLong()),
                captions.path("show").asString(),
                captions.path("typeface").asString(),
                captions.path("sizePt").asDouble(),
                new Rgb(captions.path("colour").asString()),
                captions.path("lines").asInt());
    }

    /** The room below each photo; it is kept, whether something is written or not. */
    public StyleSheet sheet(UUID style) {
        CaptionStyle.Show kept = show.equals("BELOW") ? CaptionStyle.Show.ALWAYS : CaptionStyle.Show.NONE;
        return new StyleSheet(
                List.of(FrameStyle.plain(style, "Frame")
                        .withBand(0, none -> Band.of(borderWidth, borderColour, Band.Side.INSIDE))
                        .withCorners(Corners.round(cornerRadius))),
                new CaptionStyle(kept, typeface, sizePt, captionColour, lines),
                Grounds.of(new Paint.Solid(pageColour)),
                List.of(),
                List.of(),
                Light.USUAL,
                EdgeRun.CONTINUED,
                CutMarks.NONE,
                Language.ENGLISH,
                Optional.empty());
    }

    /** To the last digit as version 4 reckoned it: what follows from it by chance must come out the same. */
    double bandMm() {
        return show.equals("BELOW") ? (lines + 0.5) * CaptionStyle.LEADING * sizePt * 25.4 / 72 : 0;
    }

    Length strip() {
        return Length.ofMm(bandMm());
    }
}
