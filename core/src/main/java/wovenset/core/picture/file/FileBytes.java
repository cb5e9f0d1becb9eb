package wovenset.core.picture.file;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import wovenset.core.said.Reason;

/** A file's bytes as the system maps them, outside the Java heap. */
public final class FileBytes {
    private FileBytes() {}

    /** @throws RefusedPhotoException if the file cannot be read */
    public static ByteBuffer of(Path file) {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            return channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size());
        } catch (IOException e) {
            throw RefusedPhotoException.because(e, Reason.FILE_UNREADABLE);
        }
    }
}
