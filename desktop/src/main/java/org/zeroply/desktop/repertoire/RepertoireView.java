package org.zeroply.desktop.repertoire;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.repertoire.Coverage;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.training.drill.DrillProgress;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.coach.training.drill.Questions;
import org.zeroply.library.student.Student;

/**
 * A repertoire as it was when it was last read, with all that is computed of it for a student.
 *
 * @param ids sheets of its chapters, in their order
 * @param school whose moves are followed
 * @param answered how likely their reply has an answer, at each of their positions that goes on
 */
public record RepertoireView(
        Repertoire repertoire,
        List<Long> ids,
        Shares shares,
        Optional<Approach> school,
        Coverage coverage,
        Map<Spot, Double> answered,
        Learning learning) {

    /**
     * How the repertoire is learnt.
     *
     * @param memory what the student remembers; nothing if none is chosen
     * @param chapters where the student stands in each chapter
     * @param club where every student stands in the repertoire
     * @param today day counted from 1 January 1970
     */
    public record Learning(
            Questions questions,
            Memory memory,
            List<DrillProgress> chapters,
            List<Learner> club,
            long today) {
        public Learning {
            chapters = List.copyOf(chapters);
            club = List.copyOf(club);
        }

        /** How surely the student knows our move in a position, 0 to 1; empty if not asked. */
        Optional<Double> known(Spot spot) {
            return questions.at(spot).stream()
                    .filter(Question.WhichMove.class::isInstance)
                    .findFirst()
                    .map(q -> memory.of(q).known(today));
        }
    }

    /** Where a student stands who learns the moves of a school. */
    public record Learner(Student student, Optional<Approach> school, DrillProgress standing) {}

    public RepertoireView {
        ids = List.copyOf(ids);
    }

    /** The moves that are followed from a position: ours that is recommended, or their replies. */
    public List<Move> next(Spot spot) {
        return repertoire.next(spot, school);
    }
}
