package org.zeroply.engine.analysis;

/** Is told what an engine has found so far. */
@FunctionalInterface
public interface AnalysisListener {

    /** Called after every finished depth with everything found up to then. */
    void found(Analysis soFar);
}
