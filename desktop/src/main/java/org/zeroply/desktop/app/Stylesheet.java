package org.zeroply.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** Stylesheets that are changed before the toolkit reads them. */
final class Stylesheet {

    private Stylesheet() {}

    /**
     * The text of a stylesheet.
     *
     * @param beside a class of the same archive
     * @param name its absolute name there
     */
    static String read(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("the styles cannot be read", e);
        }
    }

    /** Where the toolkit finds a stylesheet of this text. */
    static String address(String css) {
        byte[] bytes = css.getBytes(StandardCharsets.UTF_8);
        return "data:text/css;charset=utf-8;base64," + Base64.getEncoder().encodeToString(bytes);
    }
}
