package wovenset.core.decode;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The command that starts a child: Java under limits that the system holds it to. */
final class ChildCommand {
    /** Java alone reserves some 3 GB of addresses; what it and a library then really use stays far below. */
    private static final long ADDRESSES = 5_000_000_000L;

    private static final int HEAP_MB = 300;

    private ChildCommand() {}

    /** The interface to native libraries unpacks its own small one into the folder for temporary files. */
    private static final long LARGEST_FILE = 20_000_000;

    /** Where the native imaging library lies unpacked; a child may not write files as large as it is. */
    private static final String UNPACKED = "org.bytedeco.javacpp.cachedir";

    static List<String> of(List<String> launcher) {
        List<String> command = new ArrayList<>(List.of(
                "prlimit",
                "--as=" + ADDRESSES,
                "--nofile=256",
                "--fsize=" + LARGEST_FILE,
                "--core=0",
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx" + HEAP_MB + "m",
                "-Xss1m",
                "-XX:+UseSerialGC",
                "-XX:ReservedCodeCacheSize=48m",
                "-XX:CompressedClassSpaceSize=48m",
                "-XX:TieredStopAtLevel=1",
                "-XX:-UsePerfData",
                "-Xshare:auto",
                "-Djava.awt.headless=true",
                "-Djava.io.tmpdir=" + System.getProperty("java.io.tmpdir")));
        String unpacked = System.getProperty(UNPACKED);
        if (unpacked != null) {
            command.add("-D" + UNPACKED + "=" + unpacked);
        }
        command.addAll(launcher);
        return command;
    }
}
