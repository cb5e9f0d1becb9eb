package wovenset.server.photo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import wovenset.core.said.Reason;
import wovenset.core.said.Said;

/** Why the disk did not take a file. */
public final class DiskTrouble {
    private static final long NEARLY_NOTHING = 20_000_000;

    private DiskTrouble() {}

    /** @param folder where the file should have gone */
    public static Said said(Path folder, Exception trouble) {
        try {
            if (!Files.isDirectory(folder)) {
                return Said.of(Reason.FOLDER_GONE, String.valueOf(folder.getFileName()));
            }
            if (Files.getFileStore(folder).getUsableSpace() < NEARLY_NOTHING) {
                return Said.of(Reason.DISK_FULL);
            }
        } catch (IOException unknown) {
            // The trouble itself says enough.
        }
        return Said.of(Reason.DISK_TROUBLE, String.valueOf(trouble.getMessage()));
    }
}
