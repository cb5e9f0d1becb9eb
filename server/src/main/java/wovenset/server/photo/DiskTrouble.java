package wovenset.server.photo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Why the disk did not take a file, in words. */
final class DiskTrouble {
    private static final long NEARLY_NOTHING = 20_000_000;

    private DiskTrouble() {}

    /** @param folder where the file should have gone */
    static String said(Path folder, Exception trouble) {
        try {
            if (Files.getFileStore(folder).getUsableSpace() < NEARLY_NOTHING) {
                return "The disk is full. Make room and bring it again.";
            }
        } catch (IOException unknown) {
            // The trouble itself says enough.
        }
        return "The disk did not take it: " + trouble.getMessage();
    }
}
