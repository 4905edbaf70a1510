package org.zeroply.workshop.fuzz;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * Damages text as files, people and other programs do; the same random numbers, the same damage.
 */
final class Mutation {

    /** At most so many changes to one text. */
    private static final int CHANGES = 5;

    private static final List<byte[]> PIECES =
            List.of(
                    bytes("1-0"),
                    bytes(" 1/2-1/2 "),
                    bytes("0-0"),
                    bytes("*"),
                    bytes("½-½"),
                    bytes("{"),
                    bytes("}"),
                    bytes("("),
                    bytes(")"),
                    bytes(";"),
                    bytes("%"),
                    bytes("\n"),
                    bytes("\n\n"),
                    bytes("\r"),
                    bytes("\n; a row … 1-0\n"),
                    bytes("\n% a row 0-1\n"),
                    bytes("\n[Event \"x\"]\n"),
                    bytes("[Na-me \"x\"]"),
                    bytes("{a ; comment 1-0}"),
                    bytes("\""),
                    bytes("\\"),
                    bytes("\u0085"),
                    bytes("\u2028"),
                    bytes("\uFEFF"),
                    bytes("\u202E"),
                    bytes("\u00A0"),
                    bytes("\0"),
                    bytes("é"),
                    bytes("\uD83D\uDE00"),
                    new byte[] {(byte) 0x85},
                    new byte[] {(byte) 0x93},
                    new byte[] {(byte) 0xC3},
                    bytes("$"),
                    bytes("$1 $999"),
                    bytes("--"),
                    bytes("O-O"),
                    bytes("e8=Q+!?"),
                    bytes("99999999999999999999"),
                    bytes("-1"),
                    bytes("[%zp.pts 3]"),
                    bytes("[%zp.pts "),
                    bytes("[%zp.idea [x]]"),
                    bytes("[%zp.card IF d4 THEN"),
                    bytes("[%clk 99999999999:00:00]"),
                    bytes(" AND NOT ("),
                    bytes("null"),
                    bytes("'; DROP TABLE sheet; --"));

    private Mutation() {}

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** A text with one to a few changes; another text of the kind lends parts of it. */
    static byte[] of(byte[] text, byte[] other, Random random) {
        byte[] changed = text;
        for (int i = random.nextInt(CHANGES); i >= 0; i--) {
            changed = one(changed, other, random);
        }
        return changed;
    }

    private static byte[] one(byte[] text, byte[] other, Random random) {
        int from = random.nextInt(text.length + 1);
        int to = from + random.nextInt(Math.min(text.length - from, 40) + 1);
        return switch (random.nextInt(6)) {
            case 0 -> joined(text, from, new byte[0], to);
            case 1 -> joined(text, from, new byte[] {(byte) random.nextInt(256)}, to);
            case 2 -> joined(text, from, part(text, random), from);
            case 3 -> joined(text, from, part(other, random), to);
            default -> joined(text, from, PIECES.get(random.nextInt(PIECES.size())), from);
        };
    }

    private static byte[] part(byte[] of, Random random) {
        int from = random.nextInt(of.length + 1);
        int to = from + random.nextInt(Math.min(of.length - from, 80) + 1);
        return Arrays.copyOfRange(of, from, to);
    }

    private static byte[] joined(byte[] text, int until, byte[] middle, int from) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(text.length + middle.length);
        out.write(text, 0, until);
        out.writeBytes(middle);
        out.write(text, from, text.length - from);
        return out.toByteArray();
    }
}
