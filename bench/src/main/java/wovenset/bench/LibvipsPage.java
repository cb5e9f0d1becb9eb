package wovenset.bench;

import com.sun.jna.Function;
import com.sun.jna.Memory;
import com.sun.jna.NativeLibrary;
import com.sun.jna.Pointer;
import com.sun.jna.ptr.PointerByReference;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A page of photos side by side as libvips makes it through its own C interface, in this process: each photo made small while it is read,
 * more contrast (linear), more colour, sharper (on the lightness), joined and written as a JPEG.
 */
final class LibvipsPage {
    private static final int CENTRE = 1;
    private static final int SRGB = 22;
    private static final int LCH = 19;

    private static final double[] LUMA = {0.2126, 0.7152, 0.0722};

    private final NativeLibrary library = NativeLibrary.getInstance("libvips.so.42");

    LibvipsPage() {
        call("vips_init", "bench");
    }

    /** How colour is made stronger: as chroma, or away from the grey of the same luma, which is less work. */
    enum Way {
        LCH,
        GREY
    }

    /** What is done to each photo: v' = contrast·v + offset, colour times so much, sharpened as is usual. */
    record Change(double contrast, double offset, double colour, Way way) {}

    void write(List<Path> photos, int columns, int width, int height, Change change, int quality, Path target) {
        Pointer[] made = new Pointer[photos.size()];
        for (int i = 0; i < made.length; i++) {
            Pointer small =
                    image("vips_thumbnail", photos.get(i).toString(), null, width, "height", height, "crop", CENTRE);
            Pointer light = linear(small, new double[] {change.contrast()}, new double[] {change.offset()});
            Pointer strong = change.way() == Way.LCH ? inLch(light, change.colour()) : fromGrey(light, change.colour());
            made[i] = image("vips_sharpen", strong, null);
            List.of(small, light, strong).forEach(this::release);
        }
        Pointer page = image("vips_arrayjoin", made, null, made.length, "across", columns);
        call("vips_jpegsave", page, target.toString(), "Q", quality, null);
        release(page);
        for (Pointer photo : made) {
            release(photo);
        }
    }

    private Pointer inLch(Pointer image, double colour) {
        Pointer lch = image("vips_colourspace", image, null, LCH);
        Pointer strong = linear(lch, new double[] {1, colour, 1}, new double[] {0, 0, 0});
        Pointer back = image("vips_colourspace", strong, null, SRGB);
        release(lch);
        release(strong);
        return back;
    }

    private Pointer fromGrey(Pointer image, double colour) {
        double[] matrix = new double[9];
        for (int i = 0; i < 9; i++) {
            matrix[i] = (1 - colour) * LUMA[i % 3] + (i % 4 == 0 ? colour : 0);
        }
        Pointer by = library.getFunction("vips_image_new_matrix_from_array")
                .invokePointer(new Object[] {3, 3, doubles(matrix), 9});
        Pointer strong = image("vips_recomb", image, null, by);
        release(by);
        return strong;
    }

    private Pointer linear(Pointer image, double[] factors, double[] offsets) {
        return image("vips_linear", image, null, doubles(factors), doubles(offsets), factors.length);
    }

    private static Memory doubles(double[] values) {
        Memory memory = new Memory(8L * values.length);
        memory.write(0, values, 0, values.length);
        return memory;
    }

    /** @param arguments with nothing where the function puts what it made */
    private Pointer image(String name, @Nullable Object... arguments) {
        PointerByReference made = new PointerByReference();
        @Nullable Object[] all = new Object[arguments.length + 1];
        System.arraycopy(arguments, 0, all, 0, arguments.length);
        all[1] = made;
        call(name, all);
        return made.getValue();
    }

    private void call(String name, @Nullable Object... arguments) {
        Function function = library.getFunction(name);
        if (function.invokeInt(arguments) != 0) {
            throw new IllegalStateException(
                    name + ": " + library.getFunction("vips_error_buffer").invokeString(new Object[0], false));
        }
    }

    private void release(Pointer image) {
        library.getFunction("g_object_unref").invokeVoid(new Object[] {image});
    }
}
