package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.PairingMerge;
import org.zeroply.coach.repertoire.tournament.PlayerName;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.OpenSeries;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Student;
import org.zeroply.library.tournament.RoundBriefs;
import org.zeroply.library.transfer.PairingTable;

/** The tournaments of the library, the open one, whom it is looked at for, and the chosen round. */
final class TournamentsModel {

    /** A pairing and its place in the tournament, from 0. */
    record Row(int place, Pairing pairing) {}

    private final Services services;
    private final OpenSeries<Tournament> series;
    private final ReadOnlyIntegerWrapper revision = new ReadOnlyIntegerWrapper();
    private List<Student> students = List.of();
    private Optional<String> player = Optional.empty();
    private Optional<Pairing> chosen = Optional.empty();

    /** The pairings that are looked at, found anew whenever something changes. */
    private List<Row> rows = List.of();

    TournamentsModel(Services services) {
        this.services = services;
        series =
                new OpenSeries<>(
                        services,
                        new OpenSeries.Form<>(
                                services.library().tournaments(),
                                BinStore.Kind.TOURNAMENT,
                                "tournament"),
                        new Shown());
    }

    private final class Shown implements OpenSeries.Shown<Tournament> {
        @Override
        public void opened(Optional<Tournament> now, boolean again) {
            if (!again) {
                player = now.flatMap(TournamentsModel.this::ours);
                chosen = Optional.empty();
            }
            find();
            keepChosen();
            told();
        }

        @Override
        public void replaced(Tournament now) {
            find();
            keepChosen();
            told();
        }

        @Override
        public void listed() {
            told();
        }
    }

    /** The chosen pairing as it is now; the first one where it is gone. */
    private void keepChosen() {
        Optional<Pairing.Key> before = chosen.map(Pairing::key);
        chosen =
                before.flatMap(
                                key ->
                                        rows.stream()
                                                .map(Row::pairing)
                                                .filter(p -> p.key().equals(key))
                                                .findFirst())
                        .or(this::next);
    }

    /** The first student of the library who plays in it. */
    private Optional<String> ours(Tournament tournament) {
        List<String> names = tournament.players();
        return students.stream()
                .flatMap(s -> names.stream().filter(n -> PlayerName.same(n, s.name())))
                .findFirst();
    }

    // ---- What there is --------------------------------------------------------------------------

    UndoTrail trail() {
        return series.trail();
    }

    /** The tournaments of the library, the newest first. */
    ObservableList<SheetRow> all() {
        return series.all();
    }

    Optional<SheetRow> row() {
        return series.row();
    }

    /** Counts up with every change of what is open or chosen. */
    ReadOnlyIntegerProperty revisionProperty() {
        return revision.getReadOnlyProperty();
    }

    private void told() {
        revision.set(revision.get() + 1);
    }

    /** The open tournament. */
    Optional<Tournament> tournament() {
        return series.now();
    }

    /** Who plays in it, students of the library first. */
    List<String> players() {
        Set<PlayerName> ours =
                students.stream().map(s -> PlayerName.of(s.name())).collect(Collectors.toSet());
        return series.now().map(Tournament::players).orElse(List.of()).stream()
                .sorted(
                        Comparator.comparing((String n) -> !ours.contains(PlayerName.of(n)))
                                .thenComparing(n -> n))
                .toList();
    }

    /** The student that a player is, if one of the library is. */
    Optional<Student> student(String name) {
        return RoundBriefs.student(students, name);
    }

    /** Whom the rounds are looked at for; empty for all pairings. */
    Optional<String> player() {
        return player;
    }

    /** The pairings that are looked at. */
    List<Row> rows() {
        return rows;
    }

    private void find() {
        Optional<PlayerName> whom = player.map(PlayerName::of);
        rows =
                series.now().stream()
                        .flatMap(
                                t ->
                                        IntStream.range(0, t.size())
                                                .mapToObj(i -> new Row(i, t.pairings().get(i))))
                        .filter(row -> whom.isEmpty() || row.pairing().side(whom.get()).isPresent())
                        .toList();
    }

    /** The chosen pairing with its place. */
    Optional<Row> chosen() {
        return chosen.flatMap(c -> rows().stream().filter(r -> r.pairing().equals(c)).findFirst());
    }

    /** The colour of whom the chosen round is looked at for. */
    Optional<Side> side() {
        return player.flatMap(p -> chosen.flatMap(c -> c.side(p)));
    }

    private Optional<Pairing> next() {
        List<Pairing> all = rows().stream().map(Row::pairing).toList();
        return all.stream()
                .filter(p -> !p.isOver())
                .findFirst()
                .or(() -> all.stream().reduce((first, second) -> second));
    }

    // ---- Choosing -------------------------------------------------------------------------------

    /** Reads the list and the students again. */
    void reload() {
        services.scheduler()
                .library(
                        () -> services.library().students().all(),
                        found -> {
                            students = found;
                            series.reload();
                        });
    }

    void open(long id) {
        series.open(id);
    }

    /** Looks at it for somebody, or for all. */
    void look(Optional<String> whom) {
        if (!player.equals(whom)) {
            player = whom;
            find();
            chosen = next();
            told();
        }
    }

    /** Chooses a pairing by its place in the tournament, from 0. */
    void choose(int place) {
        Optional<Pairing> wanted =
                rows().stream().filter(r -> r.place() == place).map(Row::pairing).findFirst();
        if (wanted.isPresent() && !wanted.equals(chosen)) {
            chosen = wanted;
            told();
        }
    }

    // ---- Changing -------------------------------------------------------------------------------

    /** Puts a tournament of these pairings into the library, and opens it. */
    private void add(Tournament made) {
        series.add(made, () -> {});
    }

    /** Puts the open tournament into the bin. */
    void remove() {
        series.row().ifPresent(r -> series.remove(List.of(r)));
    }

    void rename(String title) {
        if (!title.isBlank()) {
            series.now().ifPresent(t -> change(t.named(title)));
        }
    }

    private void change(Tournament now) {
        series.change(now);
        find();
        told();
    }

    /** Changes the chosen pairing. */
    void changeChosen(UnaryOperator<Pairing> how) {
        chosen().ifPresent(
                        row -> {
                            Pairing now = how.apply(row.pairing());
                            if (!now.equals(row.pairing())) {
                                chosen = Optional.of(now);
                                change(series.now().orElseThrow().exchanged(row.place(), now));
                            }
                        });
    }

    /** Takes the chosen pairing out; the last one of a tournament stays. */
    void takeOut() {
        chosen().ifPresent(
                        row -> {
                            Tournament now = series.now().orElseThrow();
                            if (now.size() == 1) {
                                services.messages()
                                        .say(Texts.of("repertoire.a-tournament-has-at-least"));
                                return;
                            }
                            series.change(now.without(row.place()));
                            find();
                            chosen = next();
                            told();
                            services.messages()
                                    .say(Texts.of("repertoire.the-pairing-is-taken-out"));
                        });
    }

    /** The round that is typed next: the one after the last that is looked at. */
    int nextRound() {
        return rows().stream().mapToInt(r -> r.pairing().round()).max().orElse(0) + 1;
    }

    /**
     * What speaks against a pairing that is typed; empty where nothing does.
     *
     * @param line such as {@code 4. Ann Ek – Bo Lind 1-0}
     */
    Optional<String> type(String line) {
        PairingTable.Read read = read(line);
        if (read.pairings().isEmpty()) {
            return Optional.of(
                    read.unread().stream()
                            .findFirst()
                            .map(u -> Texts.of("repertoire.not-read", u.reason()))
                            .orElse(Texts.of("repertoire.type-it-as-4-ann")));
        }
        bring(read, Optional.empty());
        return Optional.empty();
    }

    /** Reads a table; pairings without a round are of the next one. */
    PairingTable.Read read(String text) {
        return PairingTable.read(text, nextRound(), player.orElse(""));
    }

    /**
     * Brings pairings into the open tournament.
     *
     * @param anew the name of a new tournament that they make; empty for the open one
     */
    void bring(PairingTable.Read read, Optional<String> anew) {
        String title = anew.orElse(read.title());
        Optional<Tournament> into = anew.isPresent() ? Optional.empty() : series.now();
        PairingMerge merge = into.orElse(new Tournament(title, List.of())).merged(read.pairings());
        if (merge.added() + merge.changed() > 0) {
            if (into.isPresent()) {
                Optional<Pairing> first = firstNew(into.get(), merge.tournament());
                chosen = first.or(() -> chosen);
                change(merge.tournament());
                keepChosen();
                told();
            } else {
                add(merge.tournament());
            }
        }
        services.messages().say(words(merge, read));
    }

    private Optional<Pairing> firstNew(Tournament before, Tournament now) {
        List<Pairing> old = before.pairings();
        return now.pairings().stream()
                .filter(p -> !old.contains(p))
                .filter(p -> player.isEmpty() || p.side(player.get()).isPresent())
                .findFirst();
    }

    /** What came of reading a table, with what could not be read or contradicts. */
    private static String words(PairingMerge merge, PairingTable.Read read) {
        List<String> words = new ArrayList<>();
        words.add(
                Texts.of(
                        "repertoire.completed",
                        Counted.of(merge.added(), Texts.of("repertoire.new-pairing")),
                        merge.changed()));
        if (!read.unread().isEmpty()) {
            words.add(Texts.of("repertoire.not-read-2", Counted.of(read.unread().size(), "line")));
        }
        merge.doubtful().stream().limit(1).forEach(words::add);
        if (merge.doubtful().size() > 1) {
            words.add(
                    Texts.of(
                            "repertoire.more-contradict-what-is-there",
                            merge.doubtful().size() - 1));
        }
        return String.join(" ", words);
    }

    void flush() {
        series.flush();
    }

    void undo() {
        series.undo();
    }

    void redo() {
        series.redo();
    }
}
