package zafu.server.entry;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** A QR code as a picture that stands in the page itself. */
final class QrImage {
    private static final int SIDE = 240;

    private QrImage() {}

    static String dataUri(String text) {
        try {
            BitMatrix matrix = new QRCodeWriter()
                    .encode(text, BarcodeFormat.QR_CODE, SIDE, SIDE, Map.of(EncodeHintType.MARGIN, 1));
            BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_BYTE_BINARY);
            for (int x = 0; x < SIDE; x++) {
                for (int y = 0; y < SIDE; y++) {
                    image.setRGB(x, y, matrix.get(x, y) ? 0x000000 : 0xFFFFFF);
                }
            }
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
        } catch (WriterException tooLong) {
            throw new IllegalStateException(tooLong);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
