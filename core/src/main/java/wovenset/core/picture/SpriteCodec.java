package wovenset.core.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.global.opencv_imgcodecs;
import org.bytedeco.opencv.global.opencv_imgproc;
import org.bytedeco.opencv.opencv_core.Mat;

/** Writes screen pictures fast: lossless PNG with light compression, which suits a loopback line. */
public final class SpriteCodec {
    private SpriteCodec() {}

    /** @param image of type 4BYTE_ABGR or 3BYTE_BGR */
    public static byte[] png(BufferedImage image) {
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        boolean clear = image.getType() == BufferedImage.TYPE_4BYTE_ABGR;
        try (Mat picture = new Mat(image.getHeight(), image.getWidth(), clear ? opencv_core.CV_8UC4 : opencv_core.CV_8UC3);
                Mat ordered = new Mat();
                IntPointer options = new IntPointer(opencv_imgcodecs.IMWRITE_PNG_COMPRESSION, 1);
                BytePointer encoded = new BytePointer()) {
            picture.data().put(pixels);
            if (clear) {
                // Java holds alpha first, the codec wants it last.
                try (Mat target = new Mat(image.getHeight(), image.getWidth(), opencv_core.CV_8UC4);
                        IntPointer pairs = new IntPointer(0, 3, 1, 0, 2, 1, 3, 2)) {
                    opencv_core.mixChannels(picture, 1, target, 1, pairs, 4);
                    target.copyTo(ordered);
                }
            }
            opencv_imgcodecs.imencode(".png", clear ? ordered : picture, encoded, options);
            byte[] file = new byte[(int) encoded.limit()];
            encoded.get(file);
            return file;
        }
    }

    /** A JPEG file's pixels, as they are stored. */
    public static BufferedImage read(byte[] jpeg) {
        try (BytePointer bytes = new BytePointer(jpeg); Mat raw = new Mat(1, jpeg.length, opencv_core.CV_8UC1, bytes);
                Mat picture = opencv_imgcodecs.imdecode(raw, opencv_imgcodecs.IMREAD_COLOR)) {
            if (picture.empty()) {
                throw new RefusedPhotoException("A derived picture cannot be decoded.");
            }
            return PhotoDecoder.image(picture);
        }
    }

    /** A picture reduced by area averaging to these sizes. */
    public static BufferedImage reduced(BufferedImage image, int width, int height) {
        try (Mat picture = new Mat(image.getHeight(), image.getWidth(), opencv_core.CV_8UC3); Mat small = new Mat();
                org.bytedeco.opencv.opencv_core.Size size = new org.bytedeco.opencv.opencv_core.Size(width, height)) {
            picture.data().put(((DataBufferByte) image.getRaster().getDataBuffer()).getData());
            opencv_imgproc.resize(picture, small, size, 0, 0, opencv_imgproc.INTER_AREA);
            return PhotoDecoder.image(small);
        }
    }
}
