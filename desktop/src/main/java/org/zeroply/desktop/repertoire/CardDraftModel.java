package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.pattern.Situation;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.desktop.texts.Texts;

/** An if-then card while it is being built: pressed squares and typed text make the same card. */
final class CardDraftModel {

    /** What a pressed square means. */
    enum Way {
        MAN(
                Texts.of("repertoire.a-man-there"),
                Texts.of("repertoire.press-a-man-it-stands"),
                Group.MEN),
        EMPTY(
                Texts.of("repertoire.nothing-there"),
                Texts.of("repertoire.press-a-square-nothing-stands"),
                Group.MEN),
        CASTLED(
                Texts.of("repertoire.castled"),
                Texts.of("repertoire.press-a-king-it-has"),
                Group.MEN),
        ATTACKED_BY_US(
                Texts.of("repertoire.we-attack-it"),
                Texts.of("repertoire.press-a-square-that-a"),
                Group.SQUARES),
        ATTACKED_BY_THEM(
                Texts.of("repertoire.they-attack-it"),
                Texts.of("repertoire.press-a-square-that-a-man"),
                Group.SQUARES),
        COVERED_BY_US(
                Texts.of("repertoire.we-cover-it"),
                Texts.of("repertoire.the-same-also-through-men"),
                Group.SQUARES),
        COVERED_BY_THEM(
                Texts.of("repertoire.they-cover-it"),
                Texts.of("repertoire.the-same-also-through-men-of"),
                Group.SQUARES),
        MORE_MEN(
                Texts.of("repertoire.we-outnumber-them"),
                Texts.of("repertoire.more-of-our-men-bear"),
                Group.SQUARES),
        PAWNS(
                Texts.of("repertoire.formation"),
                Texts.of("repertoire.press-the-pawns-of-a"),
                Group.PAWNS),
        FILE_OPEN(
                Texts.of("repertoire.open-file"),
                Texts.of("repertoire.press-a-square-of-a"),
                Group.PAWNS),
        ISOLATED(
                Texts.of("repertoire.isolated"),
                Texts.of("repertoire.press-an-isolated-pawn"),
                Group.PAWNS),
        DOUBLED(
                Texts.of("repertoire.doubled"),
                Texts.of("repertoire.press-a-doubled-pawn"),
                Group.PAWNS),
        BACKWARD(
                Texts.of("repertoire.backward"),
                Texts.of("repertoire.press-a-backward-pawn"),
                Group.PAWNS),
        PASSED(
                Texts.of("repertoire.passed"),
                Texts.of("repertoire.press-a-passed-pawn"),
                Group.PAWNS),
        POSSIBLE(
                Texts.of("repertoire.a-move-is-possible"),
                Texts.of("repertoire.press-from-where-then-to"),
                Group.MOVES),
        THEY_CAN(
                Texts.of("repertoire.they-could-play"),
                Texts.of("repertoire.press-from-where-then-to-where"),
                Group.MOVES),
        PLAY(
                Texts.of("repertoire.then-play"),
                Texts.of("repertoire.press-from-where-then-to-where-what"),
                Group.MOVES);

        private final String words;
        private final String says;
        private final Group group;

        Way(String words, String says, Group group) {
            this.words = words;
            this.says = says;
            this.group = group;
        }

        String words() {
            return words;
        }

        /** How it is done. */
        String says() {
            return says;
        }

        Group group() {
            return group;
        }
    }

    /** What ways have in common. */
    enum Group {
        MEN(Texts.of("repertoire.men")),
        SQUARES(Texts.of("repertoire.squares")),
        PAWNS(Texts.of("repertoire.pawns")),
        MOVES(Texts.of("repertoire.moves"));

        private final String words;

        Group(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** How the next condition is meant. */
    record Joined(boolean negated, boolean orElse, boolean asException) {
        static final Joined PLAIN = new Joined(false, false, false);
    }

    private final List<String> conditions = new ArrayList<>();
    private final List<String> exceptions = new ArrayList<>();
    private String then = "";
    private OptionalInt first = OptionalInt.empty();

    /** Begins with a card, or with none where the text is no card. */
    void begin(String card) {
        conditions.clear();
        exceptions.clear();
        then = "";
        first = OptionalInt.empty();
        take(card);
    }

    /** Takes over what was typed where it is a card, so that pressing goes on from there. */
    void take(String typed) {
        if (CardReader.problem(typed).isEmpty()) {
            Card card = CardReader.read(typed);
            conditions.clear();
            exceptions.clear();
            card.conditions().forEach(c -> conditions.add(c.text()));
            card.exceptions().forEach(c -> exceptions.add(c.text()));
            then = card.then();
        }
    }

    /** The first of two squares, where one is waited for. */
    OptionalInt first() {
        return first;
    }

    /** Forgets the first of two squares. */
    void forget() {
        first = OptionalInt.empty();
    }

    /** The card as text, with dots for what is missing. */
    String text() {
        String when = conditions.isEmpty() ? "…" : String.join(" AND ", conditions);
        String what = then.isEmpty() ? "…" : then;
        String but = exceptions.isEmpty() ? "" : " UNLESS " + String.join(" AND ", exceptions);
        return "IF " + when + " THEN " + what + but;
    }

    /** Whether a text is a card with nothing missing. */
    static boolean isWhole(String card) {
        return !card.contains("…") && CardReader.problem(card).isEmpty();
    }

    /** What to say about a text at a move. */
    String state(String card, Node at) {
        if (card.isEmpty() || card.contains("…")) {
            return conditions.isEmpty()
                    ? Texts.of("repertoire.no-condition-yet")
                    : Texts.of("repertoire.now-say-what-to-do");
        }
        return CardReader.problem(card)
                .orElseGet(
                        () ->
                                CardReader.read(card).applies(Situation.after(at))
                                        ? Texts.of("repertoire.it-reads-well-and-holds")
                                        : Texts.of("repertoire.it-reads-well-in-this"));
    }

    /** A square was pressed. */
    void pressed(Way way, Position position, Side us, int square, Joined joined) {
        Optional<Piece> man = position.pieceAt(square);
        Side them = us.other();
        switch (way) {
            case MAN ->
                    man.ifPresent(
                            m -> add(word(m.side(), m.type()) + " on " + name(square), joined));
            case EMPTY -> add(name(square) + " empty", joined);
            case CASTLED ->
                    man.filter(m -> m.type() == PieceType.KING)
                            .ifPresent(m -> add(m.side().smallWord() + " castled", joined));
            case ATTACKED_BY_US -> add(name(square) + " attacked by " + us.smallWord(), joined);
            case ATTACKED_BY_THEM -> add(name(square) + " attacked by " + them.smallWord(), joined);
            case COVERED_BY_US -> add(name(square) + " covered by " + us.smallWord(), joined);
            case COVERED_BY_THEM -> add(name(square) + " covered by " + them.smallWord(), joined);
            case MORE_MEN ->
                    add(
                            us.smallWord()
                                    + " outnumbers "
                                    + them.smallWord()
                                    + " on "
                                    + name(square),
                            joined);
            case PAWNS ->
                    man.filter(m -> m.type() == PieceType.PAWN)
                            .ifPresent(m -> formation(m.side(), square, joined));
            case FILE_OPEN -> add(name(square).charAt(0) + "-file open", joined);
            case ISOLATED, DOUBLED, BACKWARD, PASSED ->
                    man.filter(m -> m.type() == PieceType.PAWN)
                            .ifPresent(m -> add(pawn(way, m.side(), square), joined));
            case POSSIBLE ->
                    move(position, square, san -> add("move " + san + " possible", joined));
            case THEY_CAN ->
                    move(
                            position,
                            square,
                            san -> add(them.smallWord() + " can play " + san, joined));
            case PLAY -> move(position, square, this::play);
        }
    }

    /** Adds a condition, or takes it back where it stands already. */
    void add(String condition, Joined joined) {
        String whole = (joined.negated() ? "NOT " : "") + condition;
        List<String> list = joined.asException() ? exceptions : conditions;
        if (list.remove(whole)) {
            return;
        }
        if (joined.orElse() && !list.isEmpty()) {
            int last = list.size() - 1;
            list.set(last, "(" + list.get(last) + " OR " + whole + ")");
        } else {
            list.add(whole);
        }
    }

    /** Draws a formation pawn by pawn. */
    private void formation(Side side, int square, Joined joined) {
        List<String> list = joined.asException() ? exceptions : conditions;
        String start = (joined.negated() ? "NOT " : "") + side.smallWord() + " pawns on ";
        Optional<String> before = list.stream().filter(c -> c.startsWith(start)).findFirst();
        if (before.isEmpty()) {
            add(side.smallWord() + " pawns on " + name(square), joined);
            return;
        }
        List<String> squares =
                new ArrayList<>(List.of(before.get().substring(start.length()).split(" ")));
        if (!squares.remove(name(square))) {
            squares.add(name(square));
            squares.sort(null);
        }
        int at = list.indexOf(before.get());
        if (squares.isEmpty()) {
            list.remove(at);
        } else {
            list.set(at, start + String.join(" ", squares));
        }
    }

    /** Conditions that need no square, as they fit a move of the repertoire. */
    static List<String> offers(Node at, Side us) {
        List<String> offers = new ArrayList<>();
        Side them = us.other();
        if (!at.isRoot() && !at.move().isNull()) {
            Position before = at.parent().orElseThrow().position();
            String mover = before.sideToMove().smallWord();
            offers.add(mover + " just played " + San.write(before, at.move()));
            if (at.move().isCapture()) {
                offers.add(mover + " just took on " + name(at.move().to()));
            }
        }
        int number = at.position().fullmoveNumber();
        offers.add("from move " + number);
        offers.add("before move " + (number + 3));
        offers.add("centre open");
        offers.add("centre closed");
        offers.add("queens face each other");
        for (Side side : List.of(us, them)) {
            offers.add(side.smallWord() + " castled kingside");
            offers.add(side.smallWord() + " castled queenside");
            offers.add(side.smallWord() + " may castle");
        }
        offers.add("at least 2 " + them.smallWord() + " pieces undeveloped");
        offers.add(us.smallWord() + " knight can reach d5 in 2 moves");
        offers.add(them.smallWord() + " threatens Nxe4");
        return offers;
    }

    private static String word(Side side, PieceType type) {
        return side.smallWord() + " " + type.word();
    }

    private static String name(int square) {
        return Square.name(square);
    }

    private static String pawn(Way way, Side side, int square) {
        return side.smallWord()
                + " "
                + way.name().toLowerCase(Locale.ROOT)
                + " pawn on "
                + name(square);
    }

    private void play(String san) {
        int colon = then.indexOf(':');
        then = "play " + san + (colon < 0 ? "" : then.substring(colon));
    }

    private void move(Position position, int square, Consumer<String> done) {
        if (first.isEmpty()) {
            first = OptionalInt.of(square);
            return;
        }
        int from = first.getAsInt();
        first = OptionalInt.empty();
        done.accept(san(position, from, square));
    }

    /** The move in notation; one that is not possible now is written from what stands there. */
    private static String san(Position position, int from, int to) {
        return position.findMove(from, to, Optional.empty())
                .or(() -> position.findMove(from, to, Optional.of(PieceType.QUEEN)))
                .map(m -> San.write(position, m))
                .orElseGet(() -> unusual(position, from, to));
    }

    private static String unusual(Position position, int from, int to) {
        PieceType type = position.pieceAt(from).map(Piece::type).orElse(PieceType.PAWN);
        boolean takes = position.pieceAt(to).isPresent();
        String man =
                type == PieceType.PAWN
                        ? takes ? name(from).substring(0, 1) : ""
                        : String.valueOf(type.letter());
        return man + (takes ? "x" : "") + name(to);
    }
}
