package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import java.awt.image.BufferedImage;
import java.awt.image.SampleModel;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Iterator;
import java.util.concurrent.locks.ReentrantLock;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;

/**
 * Pictures made upright and no larger than a screen needs. A small file can hold a picture that fills the memory, so only
 * every so many of its pixels are read where it is large, and one picture is worked on at a time: others wait their turn.
 */
final class Pictures {
    /** Pixels of the longer side that a picture keeps. */
    static final int LONGEST_SIDE = 2000;

    private static final short START_OF_JPEG = (short) 0xFFD8;
    private static final byte MARKER = (byte) 0xFF;
    private static final int WORDS_OF_CAMERA = 0xE1;
    private static final int START_OF_PICTURE = 0xDA;

    private static final ReentrantLock ONE_AT_A_TIME = new ReentrantLock(true);

    private Pictures() {}

    /**
     * @param name for what is said when it is refused
     * @param format "jpg" or "png"
     * @return the picture without what a camera wrote into it
     * @throws IOException where it cannot be read
     */
    static byte[] made(String name, String format, byte[] content) throws IOException {
        ONE_AT_A_TIME.lock();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IOException("no reader");
            }
            ImageReader reader = readers.next();
            try {
                // Words about the picture can be as large as one likes, and are left where they are.
                reader.setInput(in, true, true);
                return written(read(reader, name), held(content), format);
            } finally {
                reader.dispose();
            }
        } finally {
            ONE_AT_A_TIME.unlock();
        }
    }

    private static BufferedImage read(ImageReader reader, String name) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > Bounds.PICTURE_PIXELS) {
            throw Refusal.tooLarge(inWords("everyone.has-more-than-million-pixels", "name", name));
        }
        int every = (int) Math.max(1, Math.max(width, height) / LONGEST_SIDE);
        double bytes = width * height * bytesPerPixel(reader);
        while (bytes / ((double) every * every) > Bounds.PICTURE_BYTES) {
            every++;
        }
        ImageReadParam sampled = reader.getDefaultReadParam();
        sampled.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, sampled);
    }

    private static double bytesPerPixel(ImageReader reader) throws IOException {
        double most = 4;
        for (Iterator<ImageTypeSpecifier> types = reader.getImageTypes(0); types.hasNext(); ) {
            SampleModel samples = types.next().getSampleModel();
            double bits = 0;
            for (int size : samples.getSampleSize()) {
                bits += size;
            }
            most = Math.max(most, bits / 8);
        }
        return most;
    }

    /** How a camera was held, as it wrote into one of the segments before the picture itself; upright where it did not. */
    private static Orientation held(byte[] content) {
        ByteBuffer segments = ByteBuffer.wrap(content);
        if (content.length < 4 || segments.getShort() != START_OF_JPEG) {
            return Orientation.TOP_LEFT;
        }
        while (segments.remaining() > 4 && segments.get() == MARKER) {
            int kind = segments.get() & 0xFF;
            int length = (segments.getShort() & 0xFFFF) - 2;
            if (kind == START_OF_PICTURE || length < 0 || length > segments.remaining()) {
                break;
            }
            byte[] segment = new byte[length];
            segments.get(segment);
            Orientation found = kind == WORDS_OF_CAMERA ? orientation(segment) : null;
            if (found != null) {
                return found;
            }
        }
        return Orientation.TOP_LEFT;
    }

    private static @Nullable Orientation orientation(byte[] segment) {
        try {
            return ExifUtils.getOrientationFromExif(segment);
        } catch (RuntimeException senseless) {
            return null;
        }
    }

    private static byte[] written(BufferedImage read, Orientation held, String format) throws IOException {
        BufferedImage upright = ExifFilterUtils.getFilterForOrientation(held).apply(read);
        boolean large = Math.max(upright.getWidth(), upright.getHeight()) > LONGEST_SIDE;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.Builder<BufferedImage> builder = Thumbnails.of(upright);
        (large ? builder.size(LONGEST_SIDE, LONGEST_SIDE) : builder.scale(1))
                .outputFormat(format)
                .outputQuality(0.85)
                .toOutputStream(out);
        return out.toByteArray();
    }
}
