package org.zeroply.desktop.repertoire;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.animation.PauseTransition;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.util.Duration;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.training.drill.DrillProgress;
import org.zeroply.desktop.work.AutoSave;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Student;

/**
 * The repertoires of the library: the chapters, the open one, and the repertoire it belongs to (all
 * chapters for the same side) with what is computed of it, beside the window, after every change.
 */
public final class RepertoireModel {

    /**
     * A chapter in the list.
     *
     * @param standing where the chosen student stands in it; empty while that is not known
     */
    public record Chapter(
            long id, Side side, String title, int moves, Optional<DrillProgress> standing) {}

    private final Services services;
    private final Clock clock;
    private final TreeSession session = new TreeSession();
    private final AutoSave autoSave;
    private final Removal removal;
    private final ObservableList<Chapter> chapters = FXCollections.observableArrayList();
    private final ObservableList<Student> students = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<Student>> student =
            new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Approach>> school =
            new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<RepertoireView>> view =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final PauseTransition delay = new PauseTransition(Duration.millis(60));
    private final RepertoireReader reader;
    private Task<?> reading = Task.none();
    private Task<?> askingForSchool = Task.none();
    private Optional<Student> readFor = Optional.empty();

    /** Remembers what the games did in each position, until all is read again. */
    private volatile Shares shares = new Shares(Replies.NONE);

    public RepertoireModel(Services services, Clock clock) {
        this.services = services;
        this.clock = clock;
        autoSave = new AutoSave(services, session, this::read);
        autoSave.onReopen(this::open);
        removal = Removal.ofSheets(services, session, session::clear, this::open, this::read);
        reader = new RepertoireReader(services);
        delay.setOnFinished(e -> readNow());
        student.addListener((o, was, is) -> chosen(is));
        school.addListener((o, was, is) -> schoolChosen(is));
    }

    // ---- What there is --------------------------------------------------------------------------

    /** The open chapter. */
    public TreeSession session() {
        return session;
    }

    /** All chapters, White's first. */
    public ObservableList<Chapter> chapters() {
        return chapters;
    }

    /** All students. */
    public ObservableList<Student> students() {
        return students;
    }

    /** Who learns; nobody for the coach's own work. */
    public ObjectProperty<Optional<Student>> studentProperty() {
        return student;
    }

    /** The school whose moves are followed; kept with the student. */
    public ObjectProperty<Optional<Approach>> schoolProperty() {
        return school;
    }

    /** The repertoire of the open chapter; empty until it was read. */
    public ReadOnlyObjectProperty<Optional<RepertoireView>> viewProperty() {
        return view.getReadOnlyProperty();
    }

    /** Whose repertoire the open chapter is; White's while none is open. */
    public Side side() {
        return Repertoire.side(session.tree()).orElse(Side.WHITE);
    }

    /** The present day, counted from 1 January 1970. */
    public long today() {
        return LocalDate.now(clock).toEpochDay();
    }

    /** The position of the repertoire that the board shows, if it was read already. */
    public Optional<Spot> spot() {
        return view.get().flatMap(v -> v.repertoire().at(session.current().position()));
    }

    // ---- Reading --------------------------------------------------------------------------------

    /** Reads everything again, the games of the library included. */
    public void readAll() {
        shares = new Shares(services.library().games().replies(GameFilter.ALL));
        if (session.id().isEmpty()) {
            openFirst();
        } else {
            read();
        }
    }

    /** Reads the chapters again, a moment later. */
    public void read() {
        delay.playFromStart();
    }

    /** The first chapter comes on the board without waiting for what is computed of it. */
    private void openFirst() {
        services.scheduler()
                .library(
                        () ->
                                services
                                        .library()
                                        .sheets()
                                        .find(SheetQuery.all(SheetKind.REPERTOIRE))
                                        .stream()
                                        .mapToLong(SheetRow::id)
                                        .min(),
                        first -> {
                            if (session.id().isEmpty() && first.isPresent()) {
                                open(first.getAsLong());
                            } else {
                                read();
                            }
                        });
    }

    private void readNow() {
        reading.abandon();
        Optional<Student> who = student.get();
        Optional<Approach> moves = school.get();
        Optional<Side> shown = Repertoire.side(session.tree());
        long today = today();
        reading =
                services.scheduler()
                        .beside(
                                (cancellation, progress) ->
                                        reader.read(shares, shown, who, moves, today),
                                this::found);
    }

    /** Whether the repertoire was read with what the chosen student knows of it. */
    public boolean isReadForStudent() {
        return view.get().isPresent() && readFor.equals(student.get());
    }

    private void found(RepertoireReader.Found found) {
        readFor = found.who();
        chapters.setAll(found.chapters());
        if (!students.equals(found.students())) {
            students.setAll(found.students());
        }
        view.set(found.view());
    }

    // ---- Choosing -------------------------------------------------------------------------------

    private void chosen(Optional<Student> who) {
        askingForSchool.abandon();
        if (who.isEmpty()) {
            read();
            return;
        }
        askingForSchool =
                services.scheduler()
                        .library(
                                () -> services.library().recall().approach(who.get().id()),
                                approach -> {
                                    school.set(approach);
                                    read();
                                });
    }

    /** Whatever the library still has to say of the school of somebody looked at before is late. */
    private void schoolChosen(Optional<Approach> is) {
        askingForSchool.abandon();
        student.get()
                .ifPresent(
                        s ->
                                services.scheduler()
                                        .library(
                                                () -> {
                                                    services.library().recall().choose(s.id(), is);
                                                    return true;
                                                },
                                                done -> {}));
        read();
    }

    /** Opens a chapter at its start. */
    public void open(long id) {
        open(id, List.of());
    }

    /** Opens a chapter and goes on by some moves, as far as it has them. */
    public void open(long id, List<Move> moves) {
        open(id, moves, () -> {});
    }

    private void open(long id, List<Move> moves, Runnable then) {
        if (session.isOpen(id)) {
            session.go(session.tree().root().along(moves));
            then.run();
            return;
        }
        flush();
        services.scheduler()
                .library(
                        () -> services.library().sheets().load(id),
                        tree -> {
                            flush();
                            Side before = side();
                            session.open(autoSave.newest(id, tree), OptionalLong.of(id));
                            session.go(session.tree().root().along(moves));
                            then.run();
                            if (side() != before || view.get().isEmpty()) {
                                read();
                            }
                        });
    }

    /** Goes to a position of the repertoire, in the open chapter if it stands there. */
    public void go(Spot spot) {
        go(spot, () -> {});
    }

    /** Goes to a position, and does something there. */
    public void go(Spot spot, Runnable then) {
        view.get()
                .ifPresent(
                        v -> {
                            Node place =
                                    spot.places().stream()
                                            .filter(n -> isOpen(v, n))
                                            .findFirst()
                                            .orElse(spot.places().get(0));
                            open(
                                    v.ids().get(v.repertoire().chapter(place)),
                                    place.path().stream().map(Node::move).toList(),
                                    then);
                        });
    }

    private boolean isOpen(RepertoireView v, Node place) {
        return session.isOpen(v.ids().get(v.repertoire().chapter(place)));
    }

    // ---- Changing -------------------------------------------------------------------------------

    /** A new chapter, open at once. */
    public void create(Side side, String title) {
        flush();
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag(Repertoire.SIDE, side.smallWord());
        editor.tag("Event", title);
        add(PgnWriter.write(editor.tree()));
    }

    /** Stores a chapter and opens it. */
    public void add(String pgn) {
        services.scheduler()
                .library(
                        () -> services.library().sheets().add(pgn),
                        id -> {
                            session.open(SheetStore.parse(pgn), OptionalLong.of(id));
                            read();
                        });
    }

    /** Puts a chapter into the bin. */
    public void remove(Chapter chapter) {
        flush();
        removal.remove(
                List.of(new BinStore.Item(BinStore.Kind.REPERTOIRE, chapter.id())),
                chapter.title());
    }

    /** Puts the open chapter into the bin; false if none is open. */
    public boolean removeOpen() {
        Optional<Chapter> open = chapters.stream().filter(c -> session.isOpen(c.id())).findFirst();
        open.ifPresent(this::remove);
        return open.isPresent();
    }

    /** Saves what is not saved yet. */
    public void flush() {
        autoSave.flush();
    }
}
