package org.zeroply.workshop.pictures;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.embed.swing.SwingFXUtils;
import javax.imageio.ImageIO;
import org.zeroply.desktop.app.Icon;

/**
 * The sign of the program in the files that systems want. Both {@code .ico} and {@code .icns} may
 * hold pictures as PNG, which is what is done here.
 */
final class IconFiles {

    private static final int SIZE = 256;

    private IconFiles() {}

    /** Writes {@code zeroply.png}, {@code .ico} and {@code .icns}; on the interface thread only. */
    static void write(Path folder) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(SwingFXUtils.fromFXImage(Icon.of(SIZE), null), "png", out);
        byte[] png = out.toByteArray();
        Files.createDirectories(folder);
        Files.write(folder.resolve("zeroply.png"), png);
        Files.write(folder.resolve("zeroply.ico"), ico(png));
        Files.write(folder.resolve("zeroply.icns"), icns(png));
    }

    /** A directory of one picture of 256 by 256, which is written as 0, and the picture. */
    static byte[] ico(byte[] png) {
        int head = 6 + 16;
        ByteBuffer to = ByteBuffer.allocate(head + png.length).order(ByteOrder.LITTLE_ENDIAN);
        to.putShort((short) 0).putShort((short) 1).putShort((short) 1);
        to.put((byte) 0).put((byte) 0).put((byte) 0).put((byte) 0);
        to.putShort((short) 1).putShort((short) 32).putInt(png.length).putInt(head);
        return to.put(png).array();
    }

    /** One element, {@code ic08}: 256 by 256. */
    static byte[] icns(byte[] png) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream to = new DataOutputStream(out);
        to.write("icns".getBytes(StandardCharsets.US_ASCII));
        to.writeInt(8 + 8 + png.length);
        to.write("ic08".getBytes(StandardCharsets.US_ASCII));
        to.writeInt(8 + png.length);
        to.write(png);
        return out.toByteArray();
    }
}
