package org.zeroply.desktop.session;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.repertoire.Coverage;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.training.Memory;
import org.zeroply.coach.training.Progress;
import org.zeroply.coach.training.Questions;

/**
 * A repertoire as it was when it was last read, with all that is computed of it for a student.
 *
 * @param ids sheets of its chapters, in their order
 * @param school whose moves are followed
 * @param memory what the student remembers; nothing if none is chosen
 * @param chapters where the student stands in each chapter
 * @param today day counted from 1 January 1970
 */
public record RepertoireView(
        Repertoire repertoire,
        List<Long> ids,
        Shares shares,
        Optional<Approach> school,
        Coverage coverage,
        Questions questions,
        Memory memory,
        List<Progress> chapters,
        long today) {

    public RepertoireView {
        ids = List.copyOf(ids);
        chapters = List.copyOf(chapters);
    }
}
