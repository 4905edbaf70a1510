package org.zeroply.desktop.students;

import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Orientation;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.BoardUse;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LinePlayer;
import org.zeroply.desktop.solve.MarkedSheetView;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.MinutesSeconds;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.MarkedSheets;
import org.zeroply.library.student.Student;

/** Students: who they are, what they did, and what comes next. */
public final class StudentsDesk implements Desk {

    /** Opens a game at one of its moves. */
    public interface GameOpener {
        /**
         * @param ply the move, 1-based
         */
        void open(long sheetId, int ply);
    }

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("yyyy-MM-dd  HH:mm").withZone(ZoneId.systemDefault());

    private static final String ATTEMPTS = Texts.of("students.attempts");
    private static final String WEEK = Texts.of("students.week");
    private static final String STRENGTH = Texts.of("students.strength");
    private static final String FILE = Texts.of("students.file");
    private static final double ROSTER = 236;
    private static final double ROSTER_PART = 0.34;

    private final Dialogs dialogs;
    private final Runnable boardChanged;
    private final StudentsModel model;
    private final TreeSession session = new TreeSession();
    private final RowTable<StudentsModel.Line> roster =
            new RowTable<>(
                    "students-table",
                    l -> l.student().id(),
                    Texts.of("students.no-students-yet-press-new"));
    private final RowTable<Attempt> log =
            new RowTable<Attempt>(
                            "attempts-table",
                            Attempt::id,
                            Texts.of("students.no-attempts-yet-on-the"))
                    .several();
    private final RulingsModel rulings;
    private final MarkedSheetView marked =
            new MarkedSheetView(this::play, Optional.of(new Decisions()));
    private final StudentFileView file;
    private final StrengthView strength;
    private final WeekModel week;
    private final PageSwitch pages = new PageSwitch(Texts.of("students.students"), this::turned);
    private final ReadOnlyObjectWrapper<BoardUse> use = new ReadOnlyObjectWrapper<>(BoardUse.SMALL);
    private final VBox content = new VBox();

    /**
     * @param opener opens a game at a move of it, to look at its review
     * @param boardChanged called when another sheet comes on the board
     */
    public StudentsDesk(
            Services services, Dialogs dialogs, GameOpener opener, Runnable boardChanged) {
        this.dialogs = dialogs;
        this.boardChanged = boardChanged;
        model = new StudentsModel(services, Clock.systemUTC());
        strength = new StrengthView(services);
        week = new WeekModel(services, model, this::undo);
        rulings = new RulingsModel(services, this::decided);
        file = new StudentFileView(services, session, opener);
        content.getStyleClass().add("desk");
        content.setId("students-desk");
        buildRoster();
        buildLog();
        VBox.setVgrow(marked, Priority.ALWAYS);
        Split tries =
                new Split(
                        services.memory(),
                        "students.log",
                        Orientation.VERTICAL,
                        size -> Math.min(150, size / 3),
                        log,
                        marked);
        pages.add(ATTEMPTS, tries);
        pages.add(WEEK, new WeekView(services, week));
        pages.add(STRENGTH, strength);
        pages.add(FILE, file);
        pages.lift(WEEK, "#plan-propose");
        pages.lift(FILE, "#student-file-open");
        StudentCard card =
                new StudentCard(
                        model,
                        services.messages(),
                        Widgets.removing(
                                "student-remove", Texts.of("students.remove"), this::askRemove),
                        Widgets.button(
                                "student-new", Texts.of("students.new-student"), this::create));
        VBox right = new VBox(8, card, pages.row(), pages.place());
        right.getStyleClass().add("beside-list");
        Split whole =
                new Split(
                        services.memory(),
                        "students.roster",
                        Orientation.HORIZONTAL,
                        size -> Math.min(ROSTER, ROSTER_PART * size),
                        roster,
                        right);
        VBox.setVgrow(whole, Priority.ALWAYS);
        content.getChildren().add(whole);
        model.lines().addListener((javafx.beans.Observable o) -> list());
        model.attempts().addListener((javafx.beans.Observable o) -> tries());
        model.chosenProperty().addListener(o -> chosen());
        pages.show(ATTEMPTS);
    }

    private void buildRoster() {
        roster.text(Texts.of("students.student"), 120, l -> l.student().name());
        roster.figure(
                Texts.of("students.rating"),
                64,
                l -> l.student().rating(),
                r -> r == 0 ? "" : String.valueOf(r));
        roster.figure(
                Texts.of("students.due"),
                46,
                StudentsModel.Line::due,
                d -> d == 0 ? "" : String.valueOf(d));
        roster.onChoose(line -> model.choose(Optional.of(line)));
        roster.onRemove(lines -> askRemove(lines.get(0).student()));
        roster.onMenu(
                lines ->
                        lines.isEmpty()
                                ? List.of(
                                        Command.of(
                                                Texts.of("students.new-student-2"), this::create))
                                : List.of(
                                        Command.of(
                                                Texts.of("students.new-student-2"), this::create),
                                        Command.of(
                                                Texts.of("students.week"), () -> pages.show(WEEK)),
                                        Command.of(
                                                Texts.of("students.strength"),
                                                () -> pages.show(STRENGTH)),
                                        Menus.LINE,
                                        new Command(
                                                Texts.of("students.remove"),
                                                "Delete",
                                                () -> askRemove(lines.get(0).student()))));
        roster.setMinWidth(120);
    }

    private void buildLog() {
        log.text(Texts.of("students.when"), 134, a -> WHEN.format(a.work().beganAt()));
        log.text(Texts.of("students.exercise"), 150, a -> a.work().title());
        log.figure(Texts.of("students.points"), 84, StudentsDesk::share, s -> s.text());
        log.figure(Texts.of("students.time"), 60, a -> a.work().seconds(), MinutesSeconds::of);
        log.text(
                Texts.of("students.verdict"),
                66,
                a -> a.marking().verdictRight() ? "right" : "wrong");
        log.onChoose(this::open);
        log.onRemove(model::remove);
        log.onMenu(
                chosen ->
                        chosen.isEmpty()
                                ? List.of()
                                : List.of(
                                        new Command(
                                                Texts.of("students.remove-2"),
                                                "Delete",
                                                () -> model.remove(chosen))));
        log.setMinHeight(60);
    }

    /** Points of an attempt, compared by their share. */
    private record Share(int points, int max) implements Comparable<Share> {
        @Override
        public int compareTo(Share other) {
            return Double.compare(
                    (double) points / Math.max(1, max),
                    (double) other.points / Math.max(1, other.max));
        }

        String text() {
            return Texts.of("students.of-2", points, max);
        }
    }

    private static Share share(Attempt a) {
        return new Share(a.marking().points(), a.marking().max());
    }

    private void turned(String name) {
        use.set(name.equals(ATTEMPTS) || name.equals(FILE) ? BoardUse.SMALL : BoardUse.NONE);
        if (name.equals(FILE)) {
            file.showOnBoard();
        } else if (name.equals(ATTEMPTS)) {
            log.one().ifPresent(this::open);
        } else {
            figures();
        }
        boardChanged.run();
    }

    /** Reads what the page in front tells of a student. */
    private void figures() {
        if (pages.isFront(STRENGTH)) {
            model.student().ifPresent(strength::show);
        } else if (pages.isFront(WEEK)) {
            model.student().ifPresent(week::show);
        }
    }

    private void list() {
        roster.show(List.copyOf(model.lines()));
    }

    private void chosen() {
        model.chosenProperty().get().ifPresent(l -> roster.mark(l.student().id()));
        model.student().ifPresent(file::show);
        figures();
    }

    private void tries() {
        log.show(List.copyOf(model.attempts()));
        if (log.one().isEmpty() && !model.attempts().isEmpty()) {
            log.getSelectionModel().selectFirst();
        }
        if (model.attempts().isEmpty()) {
            marked.setVisible(false);
            if (pages.isFront(ATTEMPTS)) {
                session.clear();
            }
        }
    }

    private void open(Attempt attempt) {
        marked.setVisible(true);
        if (pages.isFront(ATTEMPTS)) {
            marked.show(
                    MarkedSheets.read(attempt.marking().sheet()),
                    attempt.marking().rulings(),
                    attempt.work().seconds());
            session.open(SheetStore.parse(attempt.work().scheme()), OptionalLong.empty());
        }
    }

    /** What the coach decides about the attempt that is shown. */
    private final class Decisions implements MarkedSheetView.Decisions {
        @Override
        public void rule(Ruling ruling) {
            log.one().ifPresent(a -> rulings.rule(a, ruling));
        }

        @Override
        public void withdraw(Ruling ruling) {
            log.one().ifPresent(a -> rulings.withdraw(a, ruling));
        }

        @Override
        public void grant(int row) {
            log.one().ifPresent(a -> rulings.grant(a, row));
        }
    }

    /** Shows an attempt as it is after a decision, where its old self was. */
    private void decided(Attempt now) {
        double at = marked.getVvalue();
        model.decided(now);
        open(now);
        marked.setVvalue(at);
    }

    private void play(String line) {
        log.one()
                .ifPresent(
                        attempt -> {
                            String row = attempt.work().answer().lines().findFirst().orElse("");
                            LinePlayer.play(
                                    session, SheetStore.parse(attempt.work().scheme()), row, line);
                        });
    }

    // ---- New and removed ------------------------------------------------------------------------

    /** Asks for a new student. */
    public void create() {
        dialogs.show(new NewStudentPane(model, dialogs::close));
    }

    private void askRemove() {
        model.student().ifPresent(this::askRemove);
    }

    private void askRemove(Student student) {
        model.belongings(
                student,
                belongings ->
                        dialogs.ask(
                                Texts.of("students.remove-3", student.name()),
                                Texts.of("students.the-bin-keeps-it-all", along(belongings)),
                                List.of(
                                        new Dialogs.Answer(
                                                "student-remove-yes",
                                                Texts.of("students.remove-2"),
                                                () -> model.remove(student)),
                                        new Dialogs.Answer(
                                                "student-remove-no",
                                                Texts.of("students.keep"),
                                                () -> {}))));
    }

    private static String along(BinStore.Belongings b) {
        List<String> parts = new ArrayList<>();
        count(parts, b.attempts(), "attempt", "attempts");
        count(parts, b.assignments(), "assignment", "assignments");
        count(
                parts,
                b.moments(),
                Texts.of("students.moment-of-games"),
                Texts.of("students.moments-of-games"));
        count(
                parts,
                b.remembered(),
                Texts.of("students.remembered-question"),
                Texts.of("students.remembered-questions"));
        return parts.isEmpty()
                ? Texts.of("students.nothing-else-goes-along")
                : Texts.of("students.along-go", String.join(", ", parts));
    }

    private static void count(List<String> parts, int count, String one, String many) {
        if (count > 0) {
            parts.add(count + " " + (count == 1 ? one : many));
        }
    }

    // ---- The desk -------------------------------------------------------------------------------

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("students.students");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public ObservableValue<BoardUse> boardUse() {
        return use.getReadOnlyProperty();
    }

    @Override
    public TreeSession session() {
        return session;
    }

    @Override
    public boolean isOpenBook() {
        return false;
    }

    @Override
    public void undo() {
        model.trail().undo();
    }

    @Override
    public void redo() {
        model.trail().redo();
    }

    @Override
    public void shown() {
        model.read();
    }

    @Override
    public List<Command> choices() {
        return model.lines().stream()
                .map(
                        l ->
                                Command.of(
                                        Texts.of("students.student-2", l.student().name()),
                                        () -> model.choose(Optional.of(l))))
                .toList();
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.add(new Command(Texts.of("students.new-student"), "Shortcut+N", this::create));
        commands.add(Command.of(Texts.of("students.remove-the-student"), this::askRemove));
        return commands;
    }

    @Override
    public void setPalette(Palette palette) {
        strength.setPalette(palette);
    }
}
