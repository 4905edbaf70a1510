package org.zeroply.coach.exercise.sound;

import java.util.List;

/**
 * What a check of an exercise found.
 *
 * @param findings the findings, errors first
 * @param exact whether the ending tables decided everything
 * @param stamp what checked it: engine and nodes a search
 */
public record Soundness(List<Finding> findings, boolean exact, String stamp) {

    public Soundness {
        findings = List.copyOf(findings);
    }

    /** Whether nothing is wrong; warnings and notes do not count. */
    public boolean sound() {
        return findings.stream().noneMatch(f -> f.severity() == Finding.Severity.ERROR);
    }
}
