package org.zeroply.desktop.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.review.Annotator;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.review.ReviewStore;

/**
 * The review of the open game: its moments, the one that is looked at with its lines on a sheet of
 * its own, and what the coach decides about them.
 */
public final class ReviewModel {

    private final Services services;
    private final ReviewReading reading;
    private final TreeSession game;
    private final TreeSession card = new TreeSession();
    private final ObjectProperty<TreeSession> onBoard;
    private final ObjectProperty<Optional<GameReview>> review =
            new SimpleObjectProperty<>(Optional.empty());
    private final ObservableList<MomentCard> cards = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<MomentCard>> selected =
            new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyStringWrapper answer = new ReadOnlyStringWrapper("");
    private final BooleanProperty guessing = new SimpleBooleanProperty();
    private final BooleanProperty active = new SimpleBooleanProperty();
    private final Set<Integer> tried = new HashSet<>();

    /** What was decided since the game was opened, which a reading that goes on may not know. */
    private final Map<Integer, ReviewStore.Note> decided = new HashMap<>();

    private int elsewhere;
    private OptionalInt wanted = OptionalInt.empty();

    /**
     * @param game the open game of the games desk
     */
    public ReviewModel(Services services, TreeSession game) {
        this.services = services;
        this.game = game;
        onBoard = new SimpleObjectProperty<>(game);
        reading = new ReviewReading(services, game, active, new Shown());
        card.currentProperty().addListener(o -> guessed());
        guessing.addListener(
                o -> {
                    tried.clear();
                    selected.get().ifPresent(this::open);
                });
    }

    // ---- What there is --------------------------------------------------------------------------

    /** Whether anybody looks; without that nothing is read. */
    public BooleanProperty activeProperty() {
        return active;
    }

    /** The review of the open game, once it was made. */
    public ObjectProperty<Optional<GameReview>> reviewProperty() {
        return review;
    }

    /** The moments in the order of the game. */
    public ObservableList<MomentCard> cards() {
        return cards;
    }

    /** The moment that is looked at. */
    public ObjectProperty<Optional<MomentCard>> selectedProperty() {
        return selected;
    }

    /** What the board shows: the game, or the lines of the moment. */
    public ObjectProperty<TreeSession> onBoardProperty() {
        return onBoard;
    }

    /** The open game. */
    public TreeSession game() {
        return game;
    }

    /** The lines of the moment that is looked at. */
    public TreeSession card() {
        return card;
    }

    /** What is missing or going on, in words; empty when the review is there. */
    public ReadOnlyStringProperty stateProperty() {
        return reading.stateProperty();
    }

    /** Whether the better move stays hidden until somebody has tried. */
    public BooleanProperty guessingProperty() {
        return guessing;
    }

    /** What is said to the move that was tried. */
    public ReadOnlyStringProperty answerProperty() {
        return answer.getReadOnlyProperty();
    }

    /** Whether the lines of the moment that is looked at are still hidden. */
    public boolean isHidden() {
        return selected.get().filter(this::isHidden).isPresent();
    }

    /** Whether the lines of a moment are still hidden. */
    public boolean isHidden(MomentCard moment) {
        return guessing.get() && !tried.contains(moment.ply());
    }

    /** Nodes for each search of this review. */
    public long nodes() {
        return reading.nodes();
    }

    /** Engine and nodes, for the foot of reports. */
    public String stamp() {
        return Texts.of("review.nodes-a-search", reading.engine(), nodes());
    }

    // ---- Reading a review -----------------------------------------------------------------------

    private final class Shown implements ReviewReading.Reader {
        @Override
        public void cleared(boolean sameGame) {
            if (!sameGame) {
                decided.clear();
            }
            review.set(Optional.empty());
            cards.clear();
            selected.set(Optional.empty());
            tried.clear();
            onBoard.set(game);
        }

        @Override
        public void missing() {
            goWhereWanted();
        }

        @Override
        public String read(GameReview made, List<ReviewStore.Note> kept) {
            Map<Integer, ReviewStore.Note> notes = new HashMap<>();
            kept.forEach(n -> notes.put(n.ply(), n));
            notes.putAll(decided);
            List<MomentCard> all = new ArrayList<>();
            for (Moment moment : moments(made, notes)) {
                int ply = moment.move().ply();
                ReviewStore.Note note =
                        notes.getOrDefault(
                                ply, new ReviewStore.Note(ply, ReviewStore.Decision.OPEN, ""));
                all.add(new MomentCard(all.size() + 1, moment, note.decision(), note.words()));
            }
            review.set(Optional.of(made));
            cards.setAll(all);
            OptionalInt place = takeWanted();
            if (place.isPresent()) {
                at(place.getAsInt())
                        .ifPresentOrElse(ReviewModel.this::select, () -> go(place.getAsInt()));
            } else {
                strongest(made).ifPresent(ReviewModel.this::select);
            }
            return all.isEmpty() ? Texts.of("review.no-moment-to-stop-at") : "";
        }
    }

    /** Without a review there is no moment to go to, only the move. */
    private void goWhereWanted() {
        takeWanted().ifPresent(this::go);
    }

    private OptionalInt takeWanted() {
        OptionalInt place = wanted;
        wanted = OptionalInt.empty();
        return place;
    }

    /** The moments of the review, and those that the coach chose or has said something about. */
    private static List<Moment> moments(GameReview made, Map<Integer, ReviewStore.Note> notes) {
        List<Moment> moments = new ArrayList<>(made.moments());
        Set<Integer> there = moments.stream().map(m -> m.move().ply()).collect(Collectors.toSet());
        made.moves().stream()
                .filter(m -> notes.containsKey(m.ply()) && !there.contains(m.ply()))
                .filter(m -> isWorthKeeping(notes.get(m.ply())))
                .forEach(m -> moments.add(Moment.chosen(m)));
        moments.sort(Comparator.comparingInt((Moment m) -> m.move().ply()));
        return moments;
    }

    private static boolean isWorthKeeping(ReviewStore.Note note) {
        return note.decision() == ReviewStore.Decision.KEPT || !note.words().isEmpty();
    }

    private Optional<MomentCard> at(int ply) {
        return cards.stream().filter(c -> c.ply() == ply).findFirst();
    }

    /** Goes to a ply of the game that is opened next, or to the moment there. */
    public void goOnceRead(int ply) {
        wanted = OptionalInt.of(ply);
    }

    /**
     * Makes the move before the board a moment of the coach's own.
     *
     * @return whether there is such a move in the reviewed game and it was no moment yet
     */
    public boolean choose() {
        int ply = onBoard.get() == game ? game.current().depth() : 0;
        Optional<MoveReview> move =
                review.get().stream()
                        .flatMap(r -> r.moves().stream())
                        .filter(m -> m.ply() == ply && at(ply).isEmpty())
                        .filter(m -> m.node().move().equals(game.current().move()))
                        .findFirst();
        move.map(Moment::chosen)
                .map(m -> new MomentCard(0, m, ReviewStore.Decision.KEPT, ""))
                .ifPresent(
                        made -> {
                            List<MomentCard> all = new ArrayList<>(cards);
                            all.add(made);
                            all.sort(Comparator.comparingInt(MomentCard::ply));
                            for (int i = 0; i < all.size(); i++) {
                                all.set(i, all.get(i).numbered(i + 1));
                            }
                            cards.setAll(all);
                            keep(made.note());
                            at(ply).ifPresent(this::select);
                        });
        return move.isPresent();
    }

    /** The most instructive moment is looked at first. */
    private Optional<MomentCard> strongest(GameReview made) {
        return made.moments().stream()
                .findFirst()
                .flatMap(m -> cards.stream().filter(c -> c.moment().equals(m)).findFirst());
    }

    // ---- Going about ----------------------------------------------------------------------------

    /** Looks at a moment: its lines come on the board. */
    public void select(MomentCard moment) {
        selected.set(Optional.of(moment));
        open(moment);
    }

    /** The next or the previous moment. */
    public void step(int by) {
        int index = selected.get().map(cards::indexOf).orElse(by > 0 ? -1 : cards.size());
        int next = index + by;
        if (next >= 0 && next < cards.size()) {
            select(cards.get(next));
        }
    }

    /** Goes to a ply of the game; 0 is the start. */
    public void go(int ply) {
        List<Node> line = game.tree().mainLine();
        onBoard.set(game);
        game.go(ply == 0 || line.isEmpty() ? game.tree().root() : at(line, ply));
    }

    private static Node at(List<Node> line, int ply) {
        return line.get(Math.min(ply, line.size()) - 1);
    }

    /** The ply of the game that is on the board, or before which the lines of a moment begin. */
    public int ply() {
        if (onBoard.get() == card) {
            return selected.get().map(c -> c.ply() - 1).orElse(0) + card.current().depth();
        }
        return onBoard.get() == game ? game.current().depth() : elsewhere;
    }

    /** Puts another sheet on the board, such as a game played out from the position there. */
    public void show(TreeSession session) {
        elsewhere = ply();
        onBoard.set(session);
    }

    private void open(MomentCard moment) {
        answer.set("");
        card.open(
                isHidden(moment) ? MomentLines.bare(moment.moment()) : lines(moment),
                OptionalLong.empty());
        onBoard.set(card);
    }

    private MoveTree lines(MomentCard moment) {
        return MomentLines.of(moment.moment(), nodes(), reading.engine());
    }

    // ---- Guess first ----------------------------------------------------------------------------

    private void guessed() {
        Optional<MomentCard> here = selected.get().filter(this::isHidden);
        if (here.isEmpty() || card.current().depth() != 1 || onBoard.get() != card) {
            return;
        }
        MomentCard moment = here.get();
        Guess guess = new Guess(moment.moment().move(), card.current().move());
        tried.add(moment.ply());
        if (guess.isKnown()) {
            reveal(moment, guess.move(), guess.answer());
            return;
        }
        answer.set(Texts.of("review.looking-at", guess.san()));
        long budget = nodes();
        services.scheduler()
                .beside(
                        (cancellation, progress) ->
                                guess.answer(services.marking(), budget, cancellation),
                        says -> reveal(moment, guess.move(), says))
                .whenFailed(reason -> reveal(moment, guess.move(), ""));
    }

    /** Shows the lines, the move that was tried among them. */
    private void reveal(MomentCard moment, Move move, String says) {
        if (!selected.get().equals(Optional.of(moment))) {
            return;
        }
        open(moment);
        Node node = card.editor().add(card.tree().root(), move);
        card.go(node);
        answer.set(says);
        selected.set(Optional.empty());
        selected.set(Optional.of(moment));
    }

    // ---- What the coach decides -----------------------------------------------------------------

    /** Keeps a moment: its line and words go into the game; or takes the decision back. */
    public void keep(MomentCard moment) {
        if (moment.decision() == ReviewStore.Decision.KEPT) {
            change(moment.decided(ReviewStore.Decision.OPEN));
            services.messages().say(Texts.of("review.open-again-what-was-written"));
            return;
        }
        node(moment)
                .ifPresent(
                        node ->
                                new Annotator(reading.engine(), nodes())
                                        .write(
                                                game.editor(),
                                                node,
                                                moment.moment(),
                                                moment.said()));
        change(moment.decided(ReviewStore.Decision.KEPT));
        services.messages().say(Texts.of("review.kept-the-line-and-the"));
    }

    /** Throws a moment out of lists and reports, or takes it back. */
    public void dismiss(MomentCard moment) {
        boolean out = moment.isDismissed();
        change(moment.decided(out ? ReviewStore.Decision.OPEN : ReviewStore.Decision.DISMISSED));
        services.messages()
                .say(
                        out
                                ? Texts.of("review.the-moment-is-back")
                                : Texts.of("review.dismissed-press-again-to-take"));
    }

    /** Puts the coach's words in place of the program's; none brings those back. */
    public void reword(MomentCard moment, String words) {
        String own = words.strip().equals(moment.moment().text()) ? "" : words.strip();
        if (!own.equals(moment.words())) {
            change(moment.reworded(own));
        }
    }

    private void change(MomentCard changed) {
        for (int i = 0; i < cards.size(); i++) {
            if (cards.get(i).ply() == changed.ply()) {
                boolean here = selected.get().filter(c -> c.ply() == changed.ply()).isPresent();
                cards.set(i, changed);
                if (here) {
                    selected.set(Optional.of(changed));
                }
            }
        }
        keep(changed.note());
    }

    private void keep(ReviewStore.Note note) {
        decided.put(note.ply(), note);
        long id = game.id().orElseThrow();
        services.scheduler()
                .library(
                        () -> {
                            services.library().reviews().note(id, note);
                            return true;
                        },
                        done -> {});
    }

    /** The move of a moment in the open game, unless the game was changed there. */
    public Optional<Node> node(MomentCard moment) {
        List<Node> line = game.tree().mainLine();
        return line.size() < moment.ply()
                ? Optional.empty()
                : Optional.of(line.get(moment.ply() - 1))
                        .filter(n -> n.move().equals(moment.moment().move().node().move()));
    }
}
