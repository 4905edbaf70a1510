package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Squares;

/**
 * One way to say a condition. In patterns words in angle brackets stand for what is said in many
 * places: {@code <side>}, {@code <type>}, {@code <men>}, {@code <place>}, …; each is a group.
 *
 * @param telltales words of which what is said in this way holds one
 * @param example the phrase as it is written out
 */
record Phrase(
        Pattern pattern,
        Telltales telltales,
        String example,
        Function<Phrase.Words, Condition> meaning) {

    private static final String TYPES = "king|queen|rook|bishop|knight|pawn";
    private static final String ONE_MAN = "(?:" + TYPES + "|man|men|piece)";

    /** A regular expression to which upper and lower case are alike. */
    static Pattern pattern(String expression) {
        return Pattern.compile(expression, Pattern.CASE_INSENSITIVE);
    }

    static Phrase of(String pattern, String example, Function<Words, Condition> meaning) {
        String whole =
                pattern.replace("<side>", "(white|black)")
                        .replace("<type>", "(" + TYPES + ")")
                        .replace("<men>", "(" + ONE_MAN + "s?(?: or (?:an? )?" + ONE_MAN + "s?)*)")
                        .replace("<square>", "([a-h][1-8])")
                        .replace("<squares>", "([a-h][1-8](?:,?(?: and)? [a-h][1-8])*)")
                        .replace(
                                "<all>", "([a-h][1-8](?:,?(?: and)? [a-h][1-8])*,? and [a-h][1-8])")
                        .replace("<route>", "([a-h][1-8](?:(?:-| )[a-h][1-8])+)")
                        .replace(
                                "<place>",
                                "("
                                        + Place.FILES
                                        + "|"
                                        + Place.SEVERAL_RANKS
                                        + "|(?:the )?[a-h]-file|[a-h]|"
                                        + Place.NAMED
                                        + "|[a-h][1-8](?:(?: or |, | )[a-h][1-8])*)")
                        .replace("<wing>", "(kingside|queenside)")
                        .replace("<file>", "([a-h])")
                        .replace("<few>", "(" + Force.NUMBER + ")")
                        .replace("<number>", "([1-9][0-9]{1,2}|" + Force.NUMBER + ")")
                        .replace(
                                "<bound>",
                                "(at least|at most|exactly|more than|fewer than|less than)")
                        .replace("<force>", "(" + Force.WRITTEN + ")")
                        .replace("<san>", "([A-Za-z][A-Za-z0-9+#=-]*)");
        return new Phrase(pattern(whole), Telltales.of(whole), example, meaning);
    }

    /** What a text says, if it is said in this way. */
    Optional<Condition> read(String text) {
        Matcher matcher = pattern.matcher(text);
        return matcher.matches()
                ? Optional.of(meaning.apply(new Words(matcher)))
                : Optional.empty();
    }

    /** The parts of a phrase that was recognised, by the number of their group. */
    record Words(Matcher matcher) {

        String raw(int group) {
            return matcher.group(group);
        }

        String text(int group) {
            return matcher.group(group).toLowerCase(Locale.ROOT);
        }

        Optional<String> maybe(int group) {
            return Optional.ofNullable(matcher.group(group)).map(t -> t.toLowerCase(Locale.ROOT));
        }

        Side side(int group) {
            return Side.called(raw(group));
        }

        Optional<Side> maybeSide(int group) {
            return maybe(group).map(Side::called);
        }

        int square(int group) {
            return Square.parse(text(group));
        }

        /** Squares in the order in which they are named. */
        List<Integer> squares(int group) {
            return Arrays.stream(text(group).split("(?:[, -]|and)+")).map(Square::parse).toList();
        }

        Optional<PieceType> type(int group) {
            return maybe(group).map(t -> PieceType.valueOf(t.toUpperCase(Locale.ROOT)));
        }

        Men men(int group) {
            Set<PieceType> types = new HashSet<>();
            for (String word : text(group).split(" or (?:an? )?")) {
                String one = word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
                switch (one.equals("men") ? "man" : one) {
                    case "man" -> {
                        return Men.ANY;
                    }
                    case "piece" -> types.addAll(Men.PIECES.types());
                    default -> types.add(PieceType.valueOf(one.toUpperCase(Locale.ROOT)));
                }
            }
            return new Men(types);
        }

        /** How many men at least are named: several are two where no number is said. */
        int some(int number, int men) {
            boolean several = text(men).matches(".*s");
            return maybe(number).isPresent() ? number(number) : several ? 2 : 1;
        }

        /** Any man where none is named. */
        Men anyMen(int group) {
            return maybe(group).isPresent() ? men(group) : Men.ANY;
        }

        /** A place; anywhere where none is named. */
        Place place(int group, Side side) {
            return maybe(group).map(text -> place(text, side)).orElse(Place.ANYWHERE);
        }

        private static Place place(String text, Side side) {
            if (text.matches(Place.FILES)) {
                return Place.files(text);
            }
            if (text.matches(Place.SEVERAL_RANKS)) {
                return Place.ranks(text, side);
            }
            String bare = text.replaceFirst("^the (?=[a-h]-file)", "");
            if (bare.length() == 1 || bare.endsWith("-file")) {
                return Place.file(bare.charAt(0) - 'a');
            }
            if (bare.matches(Place.NAMED)) {
                return Place.named(bare, side);
            }
            List<Integer> squares =
                    Arrays.stream(bare.split(" or |, | ")).map(Square::parse).toList();
            return new Place(Squares.set(squares));
        }

        Optional<BoardCondition.Wing> wing(int group) {
            return maybe(group).map(t -> BoardCondition.Wing.valueOf(t.toUpperCase(Locale.ROOT)));
        }

        Optional<Integer> anyFile(int group) {
            return maybe(group).map(f -> f.charAt(0) - 'a');
        }

        /** A whole file; anywhere where none is named. */
        Place onFile(int group) {
            return anyFile(group).map(Place::file).orElse(Place.ANYWHERE);
        }

        /** How a number is compared; so many at least where nothing is said. */
        MaterialCondition.Bound bound(int group) {
            return MaterialCondition.Bound.of(maybe(group).orElse(""));
        }

        /** The number that a word such as {@code more than} in the group before goes with. */
        int bounded(int group) {
            return number(group) + MaterialCondition.Bound.beyond(maybe(group - 1).orElse(""));
        }

        Force force(int group) {
            return maybe(group).map(Force::read).orElse(Force.NONE);
        }

        /** 1 where none is named. */
        int number(int group) {
            return number(group, 1);
        }

        int number(int group, int otherwise) {
            return maybe(group).map(Force::number).orElse(otherwise);
        }
    }
}
