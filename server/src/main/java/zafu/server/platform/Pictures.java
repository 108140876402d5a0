package zafu.server.platform;

import java.awt.image.BufferedImage;
import java.awt.image.SampleModel;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
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

/**
 * Pictures made upright and no larger than a screen needs. A small file can hold a picture that fills the memory, so only
 * every so many of its pixels are read where it is large, and one picture is worked on at a time: others wait their turn.
 */
final class Pictures {
    /** Pixels of the longer side that a picture keeps. */
    static final int LONGEST_SIDE = 2000;

    /** More than this is no photograph but an attempt to fill the memory. */
    private static final long MOST_PIXELS = 100_000_000L;

    /** What the pixels that are read may take. */
    private static final long MOST_BYTES_READ = 64L << 20;

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
                // Words about the picture can be as large as one likes; of a photograph only how it was held matters.
                reader.setInput(in, false, format.equals("png"));
                return written(read(reader, name), held(reader, format), format);
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
        if (width * height > MOST_PIXELS) {
            throw Refusal.tooLarge("\"" + name + "\" has more than 100 million pixels.");
        }
        int every = (int) Math.max(1, Math.max(width, height) / LONGEST_SIDE);
        double bytes = width * height * bytesPerPixel(reader);
        while (bytes / ((double) every * every) > MOST_BYTES_READ) {
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

    private static Orientation held(ImageReader reader, String format) throws IOException {
        Orientation held = format.equals("png") ? null : ExifUtils.getExifOrientation(reader, 0);
        return held == null ? Orientation.TOP_LEFT : held;
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
