package wovenset.core.decode.read;

import com.sun.jna.Library;
import com.sun.jna.Native;
import com.sun.jna.Pointer;
import com.sun.jna.Structure;
import com.sun.jna.ptr.IntByReference;
import com.sun.jna.ptr.PointerByReference;
import org.jspecify.annotations.Nullable;

/** What is called of Debian's libheif (libheif1), by its own names. */
interface Heif extends Library {
    int COLORSPACE_RGB = 1;
    int CHROMA_RGB = 10;
    int CHROMA_RGBA = 11;
    int CHANNEL_INTERLEAVED = 10;

    /** @throws UnsatisfiedLinkError if the library is not installed */
    static Heif load() {
        return Native.load("heif", Heif.class);
    }

    /** Tells by its code whether a call went well: 0. */
    @Structure.FieldOrder({"code", "subcode", "message"})
    class Outcome extends Structure implements Structure.ByValue {
        public int code;
        public int subcode;
        public @Nullable Pointer message;
    }

    Pointer heif_context_alloc();

    void heif_context_free(Pointer context);

    void heif_context_set_maximum_image_size_limit(Pointer context, int side);

    Outcome heif_context_read_from_file(Pointer context, String file, @Nullable Pointer options);

    Outcome heif_context_get_primary_image_handle(Pointer context, PointerByReference handle);

    void heif_image_handle_release(Pointer handle);

    int heif_image_handle_get_width(Pointer handle);

    int heif_image_handle_get_height(Pointer handle);

    int heif_image_handle_has_alpha_channel(Pointer handle);

    int heif_image_handle_is_premultiplied_alpha(Pointer handle);

    Outcome heif_decode_image(
            Pointer handle, PointerByReference image, int colorspace, int chroma, @Nullable Pointer options);

    int heif_image_get_width(Pointer image, int channel);

    int heif_image_get_height(Pointer image, int channel);

    Pointer heif_image_get_plane_readonly(Pointer image, int channel, IntByReference stride);

    void heif_image_release(Pointer image);

    long heif_image_handle_get_raw_color_profile_size(Pointer handle);

    Outcome heif_image_handle_get_raw_color_profile(Pointer handle, byte[] profile);
}
