package org.zeroply.coach.repertoire.tournament;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A player's name apart from how it is written: {@code Ek, Jon}, {@code JON EK} and {@code FM Jón
 * Ek} are one.
 *
 * @param words small letters without marks, in the order of the alphabet
 */
public record PlayerName(List<String> words) {

    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}'’]+");

    private static final Set<String> TITLES =
            Set.of("gm", "im", "fm", "cm", "wgm", "wim", "wfm", "wcm");

    /** Letters that have no mark to be taken off, as they are written without them. */
    private static final Map<String, String> PLAIN =
            Map.of("ø", "o", "ł", "l", "đ", "d", "ß", "ss", "æ", "ae", "œ", "oe", "ı", "i");

    public PlayerName {
        words = List.copyOf(words);
    }

    /** Reads a name. */
    public static PlayerName of(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        // Most names are of plain letters, and a tournament has thousands.
        String plain = small.chars().allMatch(c -> c < 128) ? small : withoutMarks(small);
        List<String> words =
                Arrays.stream(BETWEEN.split(plain)).filter(w -> !w.isEmpty()).sorted().toList();
        List<String> without = words.stream().filter(w -> !TITLES.contains(w)).toList();
        return new PlayerName(without.isEmpty() ? words : without);
    }

    private static String withoutMarks(String text) {
        String plain = text;
        for (Map.Entry<String, String> letter : PLAIN.entrySet()) {
            plain = plain.replace(letter.getKey(), letter.getValue());
        }
        return MARKS.matcher(Normalizer.normalize(plain, Normalizer.Form.NFD)).replaceAll("");
    }

    /** Whether two texts write the same name; texts without letters are nobody's. */
    public static boolean same(String one, String other) {
        return of(one).isSame(of(other));
    }

    /** Whether both have the same words; a name without any is nobody's. */
    public boolean isSame(PlayerName other) {
        return !words.isEmpty() && words.equals(other.words);
    }

    /**
     * Whether one may be short for the other: words are left out or only begun ({@code N.
     * Tidewell}), and at least one is written in full.
     */
    public boolean mayBe(PlayerName other) {
        return isBriefFor(other) || other.isBriefFor(this);
    }

    private boolean isBriefFor(PlayerName other) {
        List<String> left = new ArrayList<>(other.words);
        List<String> begun = new ArrayList<>();
        for (String word : words) {
            if (!left.remove(word)) {
                begun.add(word);
            }
        }
        if (begun.size() == words.size()) {
            return false;
        }
        return begun.stream().allMatch(b -> b.length() == 1 && left.removeIf(w -> w.startsWith(b)));
    }

    /**
     * The name among some that this one is: the same, else the only one that it may be short for.
     */
    public static Optional<String> among(Collection<String> names, String wanted) {
        PlayerName name = of(wanted);
        if (names.contains(wanted)) {
            return Optional.of(wanted);
        }
        Optional<String> same = names.stream().filter(n -> of(n).isSame(name)).findFirst();
        if (same.isPresent()) {
            return same;
        }
        List<String> near = names.stream().filter(n -> of(n).mayBe(name)).toList();
        return near.size() == 1 ? Optional.of(near.get(0)) : Optional.empty();
    }
}
