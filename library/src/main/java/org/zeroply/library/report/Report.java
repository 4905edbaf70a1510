package org.zeroply.library.report;

import java.util.List;
import org.zeroply.library.drawing.CoursePlot;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.drawing.TrendPlot;

/**
 * A report before it is written: a title and blocks one under the other.
 *
 * @param title what it is about
 * @param subtitle a line under the title; may be empty
 * @param foot a line at the foot: how the figures were made
 */
public record Report(String title, String subtitle, List<Block> blocks, String foot) {

    public Report {
        blocks = List.copyOf(blocks);
    }

    /** A part of a report. */
    public sealed interface Block {}

    /** A heading with a rule. */
    public record Heading(String text) implements Block {}

    /** A paragraph. */
    public record Text(String text, Tone tone) implements Block {}

    /** A diagram with words beside it; kept on one page. */
    public record Card(Diagram diagram, String title, List<Text> words) implements Block {
        public Card {
            words = List.copyOf(words);
        }
    }

    /** A table; the first column is set to the left, the others to the right. */
    public record Table(List<String> head, List<List<String>> rows) implements Block {
        public Table {
            head = List.copyOf(head);
            rows = List.copyOf(rows);
        }
    }

    /** The course of a game. */
    public record Course(CoursePlot plot) implements Block {}

    /** Progress over time. */
    public record Trend(TrendPlot plot) implements Block {}

    /**
     * Positions to solve, in a grid with room to write; each page holds as many.
     *
     * @param perPage 1, 2, 4 or 6
     */
    public record Problems(int perPage, List<Problem> problems) implements Block {
        /**
         * @throws IllegalArgumentException for another number a page
         */
        public Problems {
            problems = List.copyOf(problems);
            if (!PER_PAGE.contains(perPage)) {
                throw new IllegalArgumentException("1, 2, 4 or 6 diagrams stand on a page");
            }
        }

        /** How many can stand on a page. */
        public static final List<Integer> PER_PAGE = List.of(1, 2, 4, 6);
    }

    /** Small diagrams side by side, {@value #MOST} at most in a row, with words above and below. */
    public record Strip(List<Problem> problems) implements Block {
        public Strip {
            problems = List.copyOf(problems);
        }

        /** How many stand in a row. */
        static final int MOST = 4;
    }

    /**
     * A position to solve.
     *
     * @param prompt what is asked
     */
    public record Problem(Diagram diagram, String title, String prompt) {}

    /** How a paragraph is set. */
    public enum Tone {
        PLAIN,
        FADED,
        MOVES,
        COACH
    }
}
