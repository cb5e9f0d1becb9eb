/**
 * Reads what is risky to read in a process of its own: embedded metadata of every file, and the pixels of formats whose decoders are
 * native and complex (HEIC, AVIF) or need much memory (TIFF, GIF).
 *
 * <p>{@link wovenset.core.decode.Decoders} is the near side: it keeps a few {@link wovenset.core.decode.DecoderChild} processes warm
 * under limits of the system, speaks with them over pipes, gives up after a deadline, and starts another where one died. A file that
 * kills its child takes nothing along. Pixels come back as stored, 8 bits a sample; turning, colours and sizes are for {@code picture}.
 */
@NullMarked
package wovenset.core.decode;

import org.jspecify.annotations.NullMarked;
