package morphotera.e2e;

import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Pictures as a camera would give them, drawn. */
final class Drawn {
    private Drawn() {}

    /** Two fifths of plants on the left, soil on the right. */
    static FilePayload ground() {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(0x5d4433));
        pen.fillRect(0, 0, 400, 300);
        pen.setColor(new Color(0x4f8a35));
        pen.fillRect(0, 0, 160, 300);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
        return new FilePayload("ground.png", "image/png", out.toByteArray());
    }
}
