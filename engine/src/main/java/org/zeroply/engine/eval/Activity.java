package org.zeroply.engine.eval;

/** How many safe squares the pieces reach, against what is typical for them. */
final class Activity implements Term {

    @Override
    public String name() {
        return "Activity of the pieces";
    }

    @Override
    public int of(Survey s, Camp us, Camp them) {
        return us.mobility;
    }
}
