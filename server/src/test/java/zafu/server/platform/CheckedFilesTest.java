package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.management.ThreadMXBean;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What students hand in is what it says it is, and a photograph stands upright. */
class CheckedFilesTest {
    private static BufferedImage redOnTheLeft(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, (x < width / 2 ? Color.RED : Color.BLUE).getRGB());
            }
        }
        return image;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** Says in the way of cameras that the picture is to be turned by a quarter to the right (orientation 6). */
    private static byte[] held(byte[] jpeg) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            18,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        out.write(jpeg, 0, 2);
        out.write(exif);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private static BufferedImage read(CheckedFiles.Checked checked) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(checked.content()));
    }

    @Test
    void aPhotographTakenSidewaysStandsUpright() throws IOException {
        BufferedImage upright = read(CheckedFiles.check("marsh.jpg", held(jpeg(redOnTheLeft(400, 200)))));
        assertThat(upright.getWidth()).isEqualTo(200);
        assertThat(upright.getHeight()).isEqualTo(400);
        assertThat(new Color(upright.getRGB(100, 40)).getRed()).isGreaterThan(200);
        assertThat(new Color(upright.getRGB(100, 360)).getBlue()).isGreaterThan(200);
    }

    @Test
    void aPictureLargerThanAScreenNeedsIsShrunkAndASmallOneIsNotBlownUp() throws IOException {
        assertThat(read(CheckedFiles.check("large.jpg", jpeg(redOnTheLeft(4000, 3000))))
                        .getWidth())
                .isEqualTo(Pictures.LONGEST_SIDE);
        assertThat(read(CheckedFiles.check("small.jpg", jpeg(redOnTheLeft(40, 30))))
                        .getWidth())
                .isEqualTo(40);
    }

    @Test
    void whatACameraWroteIntoThePictureIsNotKept() throws IOException {
        byte[] kept = CheckedFiles.check("marsh.jpg", held(jpeg(redOnTheLeft(40, 30))))
                .content();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    }

    @ParameterizedTest
    @CsvSource({
        "marsh.jpg, 'MZ a program'",
        "story.txt, '<html><script>alert(1)</script></html>'",
        "run.sh, '#!/bin/sh'",
        "page.svg, '<svg xmlns=\"http://www.w3.org/2000/svg\"></svg>'",
        "marsh.png, 'not a picture'"
    })
    void whatIsNotWhatItSaysOrNotTakenIsRefused(String name, String content) {
        assertThatThrownBy(() -> CheckedFiles.check(name, content.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(name);
    }

    @ParameterizedTest
    @CsvSource({"tide.txt, High at nine.", "log.csv, 'day,high'", "sheet.pdf, '%PDF-1.4 x'"})
    void textsTablesAndPrintedPagesAreTaken(String name, String content) {
        byte[] bytes = content.getBytes(StandardCharsets.UTF_8);
        assertThat(CheckedFiles.check(name, bytes).content()).isEqualTo(bytes);
    }

    /** A picture that is small as a file and large in the memory: one colour, as wide and high as is said. */
    private static byte[] flatPng(int side, int bits) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        ByteBuffer head = ByteBuffer.allocate(13).putInt(side).putInt(side);
        head.put((byte) bits).put((byte) 6).put((byte) 0).put((byte) 0).put((byte) 0);
        chunk(out, "IHDR", head.array());
        ByteArrayOutputStream pixels = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(pixels)) {
            byte[] line = new byte[1 + 4 * side * bits / 8];
            for (int y = 0; y < side; y++) {
                deflated.write(line);
            }
        }
        chunk(out, "IDAT", pixels.toByteArray());
        chunk(out, "IEND", new byte[0]);
        return out.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] content) throws IOException {
        byte[] named = ByteBuffer.allocate(4 + content.length)
                .put(type.getBytes(StandardCharsets.US_ASCII))
                .put(content)
                .array();
        CRC32 check = new CRC32();
        check.update(named);
        out.write(ByteBuffer.allocate(4).putInt(content.length).array());
        out.write(named);
        out.write(ByteBuffer.allocate(4).putInt((int) check.getValue()).array());
    }

    @ParameterizedTest
    @CsvSource({"9999, 8", "9999, 16"})
    void aSmallFileWithALargePictureTakesLittleMemory(int side, int bits) throws IOException {
        byte[] file = flatPng(side, bits);
        assertThat(file.length).isLessThan(1 << 20);
        ThreadMXBean memory = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = memory.getCurrentThreadAllocatedBytes();
        BufferedImage made = read(CheckedFiles.check("large.png", file));
        assertThat(memory.getCurrentThreadAllocatedBytes() - before).isLessThan(200L << 20);
        assertThat(made.getWidth()).isEqualTo(Pictures.LONGEST_SIDE);
    }

    @Test
    void aPictureThatBreaksOffIsRefusedWithASentence() throws IOException {
        byte[] half = Arrays.copyOf(jpeg(redOnTheLeft(400, 300)), 60);
        assertThatThrownBy(() -> CheckedFiles.check("half.jpg", half)).hasMessageContaining("cannot be read");
    }

    @Test
    void theWayToAFileIsNotPartOfItsName() {
        byte[] words = "My notes.".getBytes(StandardCharsets.UTF_8);
        assertThat(CheckedFiles.check("../../../etc/x.txt", words).name()).isEqualTo("x.txt");
        assertThat(CheckedFiles.check("C:\\notes\\x.txt", words).name()).isEqualTo("x.txt");
    }
}
