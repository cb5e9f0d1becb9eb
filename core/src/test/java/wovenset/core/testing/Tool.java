package wovenset.core.testing;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Programs that are not ours, which write what real files hold. */
public final class Tool {
    private Tool() {}

    /** @throws IllegalStateException with what the program said, if it failed */
    public static void run(String... command) {
        try {
            Process process =
                    new ProcessBuilder(command).redirectErrorStream(true).start();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (process.waitFor() != 0) {
                throw new IllegalStateException(String.join(" ", command) + ": " + said);
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** The file with these tags, written by ExifTool, such as {@code -XMP-dc:Description=Kites}. */
    public static byte[] tagged(byte[] file, String extension, String... tags) {
        try {
            Path path = Files.createTempFile("tagged", "." + extension);
            try {
                Files.write(path, file);
                List<String> command = new ArrayList<>(
                        List.of("exiftool", "-q", "-q", "-overwrite_original", "-codedcharacterset=utf8"));
                command.addAll(List.of(tags));
                command.add(path.toString());
                run(command.toArray(String[]::new));
                return Files.readAllBytes(path);
            } finally {
                Files.deleteIfExists(path);
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
