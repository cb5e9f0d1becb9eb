package wovenset.core.decode.read;

import com.sun.jna.Pointer;
import com.sun.jna.ptr.IntByReference;
import com.sun.jna.ptr.PointerByReference;
import java.io.IOException;
import java.nio.file.Path;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.said.Reason;

/**
 * HEIC and AVIF (ISO/IEC 23008-12) by libheif: single pictures and tiled ones, of 8 to 12 bits. It turns and mirrors as the file says,
 * so what is embedded of the orientation counts no more.
 */
final class HeifSource implements Source {
    private static final int MOST_SIDE = 16_384;
    /** At some five bytes a pixel this is what a child may use. */
    private static final long MOST_PIXELS = 64_000_000;

    private static final int BLOCK = 1 << 20;

    private interface Work<T> {
        T on(Heif heif, Pointer handle);
    }

    private static <T> T open(Path file, Work<T> work) {
        Heif heif;
        try {
            heif = Heif.load();
        } catch (UnsatisfiedLinkError e) {
            throw new UnreadableException(Reason.FILE_NEEDS_HEIF, e);
        }
        Pointer context = heif.heif_context_alloc();
        try {
            heif.heif_context_set_maximum_image_size_limit(context, MOST_SIDE);
            check(heif.heif_context_read_from_file(context, file.toString(), null), Reason.FILE_HEADER);
            PointerByReference handle = new PointerByReference();
            check(heif.heif_context_get_primary_image_handle(context, handle), Reason.FILE_HEADER);
            try {
                return work.on(heif, handle.getValue());
            } finally {
                heif.heif_image_handle_release(handle.getValue());
            }
        } finally {
            heif.heif_context_free(context);
        }
    }

    private static void check(Heif.Outcome outcome, Reason reason) {
        if (outcome.code != 0) {
            throw new UnreadableException(reason);
        }
    }

    @Override
    public int[] size(Path file) {
        return open(file, (heif, handle) ->
                new int[] {heif.heif_image_handle_get_width(handle), heif.heif_image_handle_get_height(handle)});
    }

    @Override
    public void decode(Path file, RowSink sink) throws IOException {
        open(file, (heif, handle) -> {
            long pixels = (long) heif.heif_image_handle_get_width(handle) * heif.heif_image_handle_get_height(handle);
            if (pixels > MOST_PIXELS) {
                throw new UnreadableException(Reason.FILE_HEIF_PIXELS);
            }
            boolean clear = heif.heif_image_handle_has_alpha_channel(handle) != 0;
            PointerByReference image = new PointerByReference();
            int chroma = clear ? Heif.CHROMA_RGBA : Heif.CHROMA_RGB;
            check(heif.heif_decode_image(handle, image, Heif.COLORSPACE_RGB, chroma, null), Reason.FILE_PIXELS_DAMAGED);
            try {
                send(heif, handle, image.getValue(), clear, sink);
            } finally {
                heif.heif_image_release(image.getValue());
            }
            return pixels;
        });
    }

    private static void send(Heif heif, Pointer handle, Pointer image, boolean clear, RowSink sink) {
        int width = heif.heif_image_get_width(image, Heif.CHANNEL_INTERLEAVED);
        int height = heif.heif_image_get_height(image, Heif.CHANNEL_INTERLEAVED);
        byte[] profile = new byte[(int) Math.min(4_000_000, heif.heif_image_handle_get_raw_color_profile_size(handle))];
        if (profile.length > 0) {
            check(heif.heif_image_handle_get_raw_color_profile(handle, profile), Reason.FILE_HEADER);
        }
        Raw raw =
                new Raw(width, height, clear ? Raw.Samples.BLUE_GREEN_RED_ALPHA : Raw.Samples.BLUE_GREEN_RED, profile);
        sink.begin(raw);
        boolean multiplied = clear && heif.heif_image_handle_is_premultiplied_alpha(handle) != 0;
        IntByReference stride = new IntByReference();
        Pointer plane = heif.heif_image_get_plane_readonly(image, Heif.CHANNEL_INTERLEAVED, stride);
        int rowBytes = raw.rowBytes();
        int rows = Math.max(1, BLOCK / rowBytes);
        byte[] block = new byte[rows * rowBytes];
        for (int y = 0; y < height; y += rows) {
            int count = Math.min(rows, height - y);
            for (int i = 0; i < count; i++) {
                plane.read((long) (y + i) * stride.getValue(), block, i * rowBytes, rowBytes);
            }
            SampleOrder.redFirstToBlueFirst(
                    block, count * rowBytes, raw.samples().count());
            if (multiplied) {
                SampleOrder.unmultiply(block, count * rowBytes);
            }
            sink.rows(block, count * rowBytes);
        }
    }
}
