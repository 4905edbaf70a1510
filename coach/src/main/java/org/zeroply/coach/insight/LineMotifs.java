package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;

/** What the line of a move turns on, beside what the move itself sets up on the board. */
final class LineMotifs {

    /** Told by facts of their own, or of no use for finding a move. */
    private static final Set<Theme> PLAIN = EnumSet.of(Theme.HANGING_PIECE, Theme.PAWN_ENDING);

    private LineMotifs() {}

    /** The themes of a line, those left out that motifs on the board tell in more words. */
    static List<Theme> besides(List<Fact> created, Position from, List<Move> line) {
        return of(from, line).stream()
                .filter(t -> created.stream().noneMatch(f -> tells(f, t)))
                .toList();
    }

    /** The themes of a line that somebody would want to hear of. */
    static List<Theme> of(Position from, List<Move> line) {
        return ThemeFinder.of(from, line).stream().filter(t -> !PLAIN.contains(t)).toList();
    }

    /** Themes first: they say how the move wins. Where it mates at once nothing else matters. */
    static String words(List<Theme> themes, List<Fact> created, boolean matesAtOnce) {
        return words(themes, matesAtOnce && !themes.isEmpty() ? List.of() : created);
    }

    static String words(List<Theme> themes, List<Fact> created) {
        List<String> words = new ArrayList<>();
        themes.forEach(t -> words.add(t.words()));
        created.forEach(f -> words.add(f.text()));
        return String.join(", ", words);
    }

    private static boolean tells(Fact motif, Theme theme) {
        return switch (theme) {
            case FORK -> motif.kind() == FactKind.FORK;
            case SKEWER -> motif.kind() == FactKind.SKEWER;
            case PIN -> motif.kind() == FactKind.PIN;
            case X_RAY -> motif.kind() == FactKind.X_RAY;
            case DISCOVERED_ATTACK ->
                    motif.kind() == FactKind.DISCOVERED_ATTACK
                            || motif.kind() == FactKind.DISCOVERED_CHECK;
            default -> false;
        };
    }
}
