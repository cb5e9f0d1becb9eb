package wovenset.core.decode;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import wovenset.core.decode.answer.Embedded;
import wovenset.core.decode.answer.Kind;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.said.Reason;

/**
 * Children that read files, kept warm and used again. At most {@value #AT_ONCE} work at a time. One that passes its deadline, dies or
 * answers nonsense is ended; the file is refused and the next one gets a new child.
 */
public final class Decoders {
    private static final Logger LOG = LoggerFactory.getLogger(Decoders.class);
    private static final int AT_ONCE = 2;
    private static final int MOST_USES = 500;
    private static final long HEADER_SECONDS = 5;
    private static final long PIXEL_SECONDS = 60;

    private static volatile List<String> launcher =
            List.of("-cp", System.getProperty("java.class.path"), DecoderChild.class.getName());

    private static final Semaphore PERMITS = new Semaphore(AT_ONCE);
    private static final Deque<Child> IDLE = new ArrayDeque<>();
    private static final ScheduledExecutorService DEADLINES = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "decoder deadlines");
        thread.setDaemon(true);
        return thread;
    });

    private Decoders() {}

    /** How Java is to start {@link DecoderChild}, where its classes are not simply on the class path: arguments after its options. */
    public static void launchedBy(List<String> arguments) {
        launcher = List.copyOf(arguments);
    }

    /** What is embedded in a file of any format; nothing if it cannot be read: damaged metadata never keeps a good picture out. */
    public static Embedded embedded(Path file) {
        try {
            return ask(DecoderChild.EMBEDDED, file, "", HEADER_SECONDS, Embedded::read);
        } catch (UnreadableException e) {
            return Embedded.NOTHING;
        }
    }

    /** @throws UnreadableException if the file has no size that can be read */
    public static int[] size(Path file, Kind kind) {
        return ask(DecoderChild.SIZE, file, kind.name(), HEADER_SECONDS, in -> new int[] {in.readInt(), in.readInt()});
    }

    /** @throws UnreadableException if the pixels cannot be decoded to the last row; the sink may have got some */
    public static void pixels(Path file, Kind kind, RowSink sink) {
        ask(DecoderChild.PIXELS, file, kind.name(), PIXEL_SECONDS, in -> {
            Raw raw = Raw.read(in);
            sink.begin(raw);
            byte[] block = {};
            long left = (long) raw.rowBytes() * raw.height();
            for (int length = in.readInt(); length != 0; length = in.readInt()) {
                if (length < 0 || length > left) {
                    throw new UnreadableException(Reason.FILE_PIXELS_DAMAGED);
                }
                block = block.length < length ? new byte[length] : block;
                in.readFully(block, 0, length);
                sink.rows(block, length);
                left -= length;
            }
            if (left > 0) {
                throw new UnreadableException(Reason.FILE_PIXELS_DAMAGED);
            }
            return raw;
        });
    }

    /** Starts a child ahead of its first use. */
    public static void warm() {
        embedded(Path.of("/dev/null"));
    }

    private interface Answer<T> {
        T read(DataInputStream in) throws IOException;
    }

    private static <T> T ask(int operation, Path file, String kind, long seconds, Answer<T> answer) {
        PERMITS.acquireUninterruptibly();
        try {
            Child child = child();
            boolean good = false;
            try {
                T value = child.ask(operation, file, kind, seconds, answer);
                good = true;
                return value;
            } catch (Refusal e) {
                good = true;
                throw new UnreadableException(e.reason);
            } finally {
                if (good && child.uses < MOST_USES) {
                    giveBack(child);
                } else {
                    child.end();
                }
            }
        } finally {
            PERMITS.release();
        }
    }

    private static Child child() {
        synchronized (IDLE) {
            while (!IDLE.isEmpty()) {
                Child child = IDLE.pop();
                if (child.process.isAlive()) {
                    return child;
                }
            }
        }
        return Child.start();
    }

    private static void giveBack(Child child) {
        synchronized (IDLE) {
            IDLE.push(child);
        }
    }

    /** The child says that a file cannot be read; it is itself in order. */
    private static final class Refusal extends RuntimeException {
        private final Reason reason;

        Refusal(Reason reason) {
            super(reason.code(), null, false, false);
            this.reason = reason;
        }
    }

    private static final class Child {
        private final Process process;
        private final DataInputStream in;
        private final DataOutputStream out;
        private int uses;

        private Child(Process process) {
            this.process = process;
            this.in = new DataInputStream(new BufferedInputStream(process.getInputStream(), 1 << 16));
            this.out = new DataOutputStream(process.getOutputStream());
        }

        static Child start() {
            try {
                return new Child(new ProcessBuilder(ChildCommand.of(launcher))
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start());
            } catch (IOException e) {
                LOG.error("No process for decoding could be started", e);
                throw new UnreadableException(Reason.FILE_UNREADABLE, e);
            }
        }

        <T> T ask(int operation, Path file, String kind, long seconds, Answer<T> answer) {
            uses++;
            AtomicBoolean late = new AtomicBoolean();
            ScheduledFuture<?> deadline = DEADLINES.schedule(
                    () -> {
                        late.set(true);
                        end();
                    },
                    seconds,
                    TimeUnit.SECONDS);
            try {
                out.writeByte(operation);
                out.writeUTF(file.toAbsolutePath().toString());
                out.writeUTF(kind);
                out.flush();
                if (in.readByte() == DecoderChild.REFUSED) {
                    throw new Refusal(Reason.valueOf(in.readUTF()));
                }
                return answer.read(in);
            } catch (IOException e) {
                LOG.warn("A process for decoding ended while it read {}", file.getFileName());
                throw new UnreadableException(late.get() ? Reason.FILE_TOO_LONG : Reason.FILE_KILLS, e);
            } finally {
                deadline.cancel(false);
            }
        }

        void end() {
            process.destroyForcibly();
        }
    }
}
