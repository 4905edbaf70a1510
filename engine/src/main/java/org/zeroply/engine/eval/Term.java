package org.zeroply.engine.eval;

/** One thing an evaluation looks at. Terms hold no state. */
interface Term {

    /** The name a coach would use. */
    String name();

    /** What a side gets for this term, packed by {@link Taper}; never what the other side gets. */
    int of(Survey survey, Camp us, Camp them);
}
