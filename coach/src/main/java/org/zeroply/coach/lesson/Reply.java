package org.zeroply.coach.lesson;

/**
 * What is said to an answer.
 *
 * @param outcome what the answer is
 * @param answer the answer as it is written in the field's notation
 * @param words what is said to whoever gave it
 */
public record Reply(AnswerOutcome outcome, String answer, String words) {}
