package wovenset.core.decode;

import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import wovenset.core.decode.answer.Embedded;
import wovenset.core.decode.answer.Kind;
import wovenset.core.decode.answer.Raw;
import wovenset.core.decode.answer.RowSink;
import wovenset.core.decode.answer.UnreadableException;
import wovenset.core.decode.read.EmbeddedReader;
import wovenset.core.decode.read.Source;
import wovenset.core.said.Reason;

/**
 * The child process: answers one request after the other until its standard input ends. A request is an operation, a path and a
 * {@link Kind}; an answer begins with {@link #FINE} or {@link #REFUSED} and the reason. Pixels follow in blocks, each after its length:
 * 0 ends them, -1 says that the rest cannot be decoded.
 */
public final class DecoderChild {
    static final int EMBEDDED = 1;
    static final int SIZE = 2;
    static final int PIXELS = 3;
    static final int FINE = 0;
    static final int REFUSED = 1;

    private final DataInputStream in;
    private final DataOutputStream out;

    private DecoderChild(DataInputStream in, DataOutputStream out) {
        this.in = in;
        this.out = out;
    }

    public static void main(String[] args) throws IOException {
        FileOutputStream answers = new FileOutputStream(FileDescriptor.out);
        // What a library prints must not come between the answers.
        System.setOut(System.err);
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(answers, 1 << 16));
        new DecoderChild(new DataInputStream(System.in), out).serve();
    }

    private void serve() throws IOException {
        while (true) {
            int operation;
            try {
                operation = in.readByte();
            } catch (EOFException end) {
                return;
            }
            Path file = Path.of(in.readUTF());
            String kind = in.readUTF();
            answer(operation, file, kind);
            out.flush();
        }
    }

    private void answer(int operation, Path file, String kind) throws IOException {
        try {
            switch (operation) {
                case EMBEDDED -> {
                    Embedded embedded = EmbeddedReader.read(file);
                    out.writeByte(FINE);
                    embedded.write(out);
                }
                case SIZE -> {
                    int[] size = Source.of(Kind.valueOf(kind)).size(file);
                    out.writeByte(FINE);
                    out.writeInt(size[0]);
                    out.writeInt(size[1]);
                }
                default -> pixels(file, Kind.valueOf(kind));
            }
        } catch (UnreadableException e) {
            refuse(e.reason());
        } catch (IOException | RuntimeException | OutOfMemoryError | StackOverflowError e) {
            refuse(operation == PIXELS ? Reason.FILE_PIXELS_DAMAGED : Reason.FILE_HEADER);
        }
    }

    private void refuse(Reason reason) throws IOException {
        out.writeByte(REFUSED);
        out.writeUTF(reason.name());
    }

    private void pixels(Path file, Kind kind) throws IOException {
        boolean[] begun = {false};
        try {
            Source.of(kind).decode(file, new RowSink() {
                @Override
                public void begin(Raw raw) {
                    try {
                        out.writeByte(FINE);
                        raw.write(out);
                        begun[0] = true;
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }

                @Override
                public void rows(byte[] pixels, int length) {
                    try {
                        out.writeInt(length);
                        out.write(pixels, 0, length);
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }
            });
            out.writeInt(0);
        } catch (IOException | RuntimeException | OutOfMemoryError | StackOverflowError e) {
            if (!begun[0]) {
                throw e;
            }
            out.writeInt(-1);
        }
    }
}
