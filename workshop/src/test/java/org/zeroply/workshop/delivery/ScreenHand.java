package org.zeroply.workshop.delivery;

import java.awt.Rectangle;
import java.awt.Robot;
import java.awt.Toolkit;
import java.awt.event.KeyEvent;
import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;

/**
 * A program with eyes and hands on the screen it is started on. Each line of its input is a
 * question: {@code look} gives the number of colours on the screen and a number that stands for the
 * picture; {@code control X} presses a key with Control.
 */
public final class ScreenHand {

    private ScreenHand() {}

    /** Answers until its input ends. */
    public static void main(String[] args) throws Exception {
        Robot robot = new Robot();
        BufferedReader in =
                new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            if (line.startsWith("control ")) {
                int key = KeyEvent.getExtendedKeyCodeForChar(line.charAt(line.length() - 1));
                robot.keyPress(KeyEvent.VK_CONTROL);
                robot.keyPress(key);
                robot.keyRelease(key);
                robot.keyRelease(KeyEvent.VK_CONTROL);
                System.out.println("pressed");
            } else {
                int[] seen = look(robot);
                System.out.printf(
                        Locale.ROOT,
                        "%d %d%n",
                        Arrays.stream(seen).distinct().count(),
                        Arrays.hashCode(seen));
            }
        }
    }

    private static int[] look(Robot robot) {
        Rectangle all = new Rectangle(Toolkit.getDefaultToolkit().getScreenSize());
        BufferedImage seen = robot.createScreenCapture(all);
        return seen.getRGB(0, 0, all.width, all.height, null, 0, all.width);
    }
}
