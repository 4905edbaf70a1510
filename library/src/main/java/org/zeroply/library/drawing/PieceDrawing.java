package org.zeroply.library.drawing;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.PieceType;

/**
 * Our own drawings of the men: plain stamps on a plinth, in a box of 100 by 100, as SVG paths of
 * absolute moves, lines and cubic curves.
 *
 * @param bodies closed shapes, to be filled
 * @param details strokes on top of them
 */
public record PieceDrawing(List<String> bodies, List<String> details) {

    private static final String PLINTH = "M22 90 L78 90 L78 83 L73 77 L27 77 L22 83 Z";

    private static final Map<PieceType, PieceDrawing> DRAWINGS = new EnumMap<>(PieceType.class);

    static {
        DRAWINGS.put(
                PieceType.PAWN,
                new PieceDrawing(
                        List.of(
                                "M39 52 L61 52 C60 63 65 71 70 77 L30 77 C35 71 40 63 39 52 Z",
                                "M26 90 L74 90 L74 83 L70 77 L30 77 L26 83 Z",
                                "M50 24 C59 24 65 30 65 38 C65 46 59 52 50 52 C41 52 35 46 35 38"
                                        + " C35 30 41 24 50 24 Z"),
                        List.of()));
        DRAWINGS.put(
                PieceType.ROOK,
                new PieceDrawing(
                        List.of(
                                PLINTH,
                                "M35 44 L65 44 L67 77 L33 77 Z",
                                "M27 20 L38 20 L38 28 L45 28 L45 20 L55 20 L55 28 L62 28 L62 20"
                                        + " L73 20 L73 37 L66 44 L34 44 L27 37 Z"),
                        List.of("M35 52 L65 52")));
        DRAWINGS.put(
                PieceType.KNIGHT,
                new PieceDrawing(
                        List.of(
                                PLINTH,
                                "M33 77 C32 64 44 58 45 48 C40 51 37 52 34 56 C31 60 24 60 21 54"
                                        + " C18 48 23 44 26 39 C29 33 30 28 36 23 L36 11 L46 19 C64 19"
                                        + " 76 34 76 57 C76 66 75 71 74 77 Z"),
                        List.of(
                                "M39 31 C40 29 43 29 44 31 C43 33 40 33 39 31 Z",
                                "M53 25 C63 31 68 42 67 60",
                                "M26 51 L29 50")));
        DRAWINGS.put(
                PieceType.BISHOP,
                new PieceDrawing(
                        List.of(
                                PLINTH,
                                "M40 66 L60 66 C61 70 65 74 68 77 L32 77 C35 74 39 70 40 66 Z",
                                "M50 20 C64 30 70 42 65 54 C63 59 61 62 61 66 L39 66 C39 62 37 59"
                                        + " 35 54 C30 42 36 30 50 20 Z",
                                "M50 9 C53.5 9 56 11.5 56 14.5 C56 17.5 53.5 20 50 20 C46.5 20 44"
                                        + " 17.5 44 14.5 C44 11.5 46.5 9 50 9 Z"),
                        List.of("M54 30 L46 45", "M38 59 L62 59")));
        DRAWINGS.put(
                PieceType.QUEEN,
                new PieceDrawing(
                        List.of(
                                PLINTH,
                                "M20 28 L35 50 L37 20 L48 46 L50 14 L52 46 L63 20 L65 50 L80 28"
                                        + " L70 68 L73 77 L27 77 L30 68 Z"),
                        List.of("M31 65 C43 60 57 60 69 65")));
        DRAWINGS.put(
                PieceType.KING,
                new PieceDrawing(
                        List.of(
                                PLINTH,
                                "M46 8 L54 8 L54 15 L61 15 L61 23 L54 23 L54 34 L46 34 L46 23 L39"
                                        + " 23 L39 15 L46 15 Z",
                                "M50 40 C55 31 80 30 80 48 C80 58 72 62 70 77 L30 77 C28 62 20 58"
                                        + " 20 48 C20 30 45 31 50 40 Z"),
                        List.of("M50 40 L50 64", "M31 67 C43 62 57 62 69 67")));
    }

    /** The drawing of a kind of man. */
    public static PieceDrawing of(PieceType type) {
        return DRAWINGS.get(type);
    }
}
