package wovenset.server.scene;

import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import wovenset.core.paint.PhotoRasters.MissingPhotoException;

/** Sends sprites one after the other, each as soon as it is drawn and those before it are sent. */
public final class SpriteStream {
    private static final Logger LOG = LoggerFactory.getLogger(SpriteStream.class);

    private SpriteStream() {}

    /**
     * Ends early once the same window has asked for something else. A photo that cannot be read is told by {@link SpritePixels#NONE}: one
     * bad file must not hide the rest of the page.
     */
    public static void send(List<CompletableFuture<byte[]>> pictures, OutputStream out) throws IOException {
        try {
            for (CompletableFuture<byte[]> picture : pictures) {
                out.write(drawn(picture));
            }
        } catch (CancellationException e) {
            // What was drawn until then is all that the window gets.
        }
        out.flush();
    }

    private static byte[] drawn(CompletableFuture<byte[]> picture) {
        try {
            return picture.join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof MissingPhotoException missing) {
                LOG.warn("A sprite was not drawn", missing);
                return SpritePixels.NONE;
            }
            if (e.getCause() instanceof CancellationException cancelled) {
                throw cancelled;
            }
            throw e;
        }
    }
}
