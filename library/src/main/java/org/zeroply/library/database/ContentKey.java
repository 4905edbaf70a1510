package org.zeroply.library.database;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;

/** The fingerprint of a text (SHA-256); equal texts have equal fingerprints. */
public final class ContentKey {

    /** Bytes of a fingerprint that are kept with a sheet: enough to tell any two texts apart. */
    private static final int KEPT = 16;

    private ContentKey() {}

    /** The whole fingerprint, 64 hexadecimal digits. */
    public static String of(String text) {
        return HexFormat.of().formatHex(digest(text));
    }

    /** The part of a text's fingerprint that is kept. */
    public static byte[] kept(String text) {
        return Arrays.copyOf(digest(text), KEPT);
    }

    /** The part that is kept of a fingerprint in digits; empty where the digits are none. */
    public static Optional<byte[]> ofDigits(String digits) {
        if (digits.length() < 2 * KEPT) {
            return Optional.empty();
        }
        try {
            return Optional.of(HexFormat.of().parseHex(digits, 0, 2 * KEPT));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static byte[] digest(String text) {
        try {
            return MessageDigest.getInstance("SHA-256")
                    .digest(text.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
