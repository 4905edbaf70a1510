package org.zeroply.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/** Which version of the program this is, as the build said. */
public final class ProgramVersion {

    private static final String FILE = "version.properties";

    private ProgramVersion() {}

    /** The version, such as {@code 0.1.0}. */
    public static String text() {
        Properties said = new Properties();
        try (InputStream in = ProgramVersion.class.getResourceAsStream(FILE)) {
            said.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException("the version cannot be read", e);
        }
        return said.getProperty("version");
    }
}
