package org.zeroply.library.student;

/** A student; the rating is 0 when unknown. The uuid stays the same through export and import. */
public record Student(long id, String uuid, String name, int rating, String note) {}
