package org.zeroply.engine.eval;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What everything the evaluation looks at is worth: a middlegame and an ending value each, in
 * centipawns, packed by {@link Taper}. The shipped values are those of {@code weights.txt}, which
 * {@code zeroply tune} writes.
 */
public class Weights {

    private static final List<Block> BLOCKS = new ArrayList<>();
    private static int total;

    static final int MATERIAL = block("material", 5);
    static final int KNIGHT_WITH_PAWNS = block("knight-per-own-pawn", 1);
    static final int ROOK_WITH_PAWNS = block("rook-per-own-pawn", 1);
    static final int ROOK_PAIR = block("two-rooks", 1);
    static final int KNIGHT_PAIR = block("two-knights", 1);
    static final int QUEEN_AND_MINOR = block("queen-and-minor-piece", 2);
    static final int BISHOP_PAIR = block("bishop-pair", 1);
    static final int PLACEMENT = block("placement", 6 * 64);
    static final int KNIGHT_MOVES = block("knight-moves", 9);
    static final int BISHOP_MOVES = block("bishop-moves", 14);
    static final int ROOK_MOVES = block("rook-moves", 15);
    static final int QUEEN_MOVES = block("queen-moves", 28);
    static final int ISOLATED = block("isolated-pawn", 2);
    static final int DOUBLED = block("doubled-pawn", 1);
    static final int BACKWARD = block("backward-pawn", 2);
    static final int GUARDED = block("guarded-pawn", 8);
    static final int PHALANX = block("pawns-abreast", 8);
    static final int CANDIDATE = block("candidate-pawn", 8);
    static final int PASSED = block("passed-pawn", 8);
    static final int PASSED_GUARDED = block("guarded-passed-pawn", 1);
    static final int PASSED_BLOCKED = block("blocked-passed-pawn", 8);
    static final int PASSED_FREE = block("free-path", 8);
    static final int PASSED_SAFE = block("safe-step", 8);
    static final int PASSED_OWN_KING = block("own-king-to-passed-pawn", 8);
    static final int PASSED_ENEMY_KING = block("enemy-king-to-passed-pawn", 8);
    static final int ROOK_BEHIND = block("rook-behind-passed-pawn", 1);
    static final int KNIGHT_OUTPOST = block("knight-outpost", 2);
    static final int BISHOP_OUTPOST = block("bishop-outpost", 2);
    static final int OUTPOST_IN_REACH = block("outpost-in-reach", 1);
    static final int WEAK_SQUARE = block("weak-square", 1);
    static final int BEHIND_PAWN = block("minor-piece-behind-pawn", 1);
    static final int BISHOP_PAWNS = block("pawns-on-bishop-colour", 1);
    static final int BISHOP_BLOCKED_CENTRE = block("bishop-behind-blocked-centre", 1);
    static final int LONG_DIAGONAL = block("long-diagonal", 1);
    static final int ROOK_OPEN = block("rook-on-open-file", 1);
    static final int ROOK_HALF_OPEN = block("rook-on-half-open-file", 1);
    static final int ROOK_SEVENTH = block("rook-on-seventh", 1);
    static final int ROOK_SHUT_IN = block("rook-shut-in-by-king", 1);
    static final int KING_DANGER = block("king-danger", 32);
    static final int PAWN_COVER = block("pawn-cover", 3 * 8);
    static final int PAWN_STORM = block("pawn-storm", 3 * 8);
    static final int STORM_HALTED = block("pawn-storm-halted", 1);
    static final int KING_FILE = block("open-file-at-king", 2);
    static final int NO_PAWNS_NEAR = block("king-far-from-pawns", 1);
    static final int THREAT_BY_PAWN = block("threat-by-pawn", 5);
    static final int THREAT_BY_MINOR = block("threat-by-minor-piece", 5);
    static final int THREAT_BY_ROOK = block("threat-by-rook", 5);
    static final int THREAT_BY_KING = block("threat-by-king", 1);
    static final int HANGING = block("hanging", 1);
    static final int PUSH_THREAT = block("threat-by-pawn-push", 1);
    static final int QUEEN_HARRIED = block("queen-can-be-attacked", 1);
    static final int RESTRICTED = block("restricted-square", 1);
    static final int SPACE = block("space", 1);
    static final int TEMPO = block("tempo", 1);

    private static final Weights SHIPPED = load();

    private final int[] values;

    protected Weights(int[] values) {
        this.values = values;
    }

    /** A name and how many values go by it; they lie one after the other from {@code start}. */
    record Block(String name, int start, int size) {}

    private static int block(String name, int size) {
        int start = total;
        BLOCKS.add(new Block(name, start, size));
        total += size;
        return start;
    }

    /** Number of pairs of values. */
    public static int count() {
        return total;
    }

    /** The values the program is shipped with. */
    public static Weights shipped() {
        return SHIPPED;
    }

    /** Copy of all packed values. */
    public int[] packed() {
        return values.clone();
    }

    /** The middlegame value of a packed one, in centipawns. */
    public static int middlegame(int packed) {
        return Taper.middlegame(packed);
    }

    /** The ending value of a packed one, in centipawns. */
    public static int ending(int packed) {
        return Taper.ending(packed);
    }

    /** Packs a middlegame and an ending value in centipawns. */
    public static int pack(int middlegame, int ending) {
        return Taper.of(middlegame, ending);
    }

    /** A value so many times, for a side (0 white, 1 black). The tuner listens here. */
    int times(int side, int index, int n) {
        return values[index] * n;
    }

    private static Weights load() {
        try (var in = Weights.class.getResourceAsStream("weights.txt")) {
            return read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Reads what {@link #write} wrote. Names that are missing count 0.
     *
     * @throws IllegalArgumentException if a line is not a name and its pairs of numbers
     */
    public static Weights read(String text) {
        Map<String, Block> byName = new HashMap<>();
        BLOCKS.forEach(b -> byName.put(b.name(), b));
        int[] values = new int[total];
        for (String line : new BufferedReader(new StringReader(text)).lines().toList()) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            String[] parts = line.trim().split("\\s+");
            Block block = byName.get(parts[0]);
            if (block == null || parts.length != block.size() + 1) {
                throw new IllegalArgumentException("not a line of weights: " + line);
            }
            for (int i = 0; i < block.size(); i++) {
                String[] pair = parts[i + 1].split("/");
                values[block.start() + i] =
                        Taper.of(Integer.parseInt(pair[0]), Integer.parseInt(pair[1]));
            }
        }
        return new Weights(values);
    }

    /** One line a name: its values in order as {@code middlegame/ending}. */
    public static String write(int[] packed) {
        StringBuilder out = new StringBuilder();
        for (Block block : BLOCKS) {
            out.append(block.name());
            for (int i = block.start(); i < block.start() + block.size(); i++) {
                out.append(' ')
                        .append(Taper.middlegame(packed[i]))
                        .append('/')
                        .append(Taper.ending(packed[i]));
            }
            out.append('\n');
        }
        return out.toString();
    }
}
