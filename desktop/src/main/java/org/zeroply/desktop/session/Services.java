package org.zeroply.desktop.session;

import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;

/** What desks call on: the library, background work, the live engine and the one that marks. */
public record Services(Library library, Background background, LiveAnalysis live, Engine marking) {

    /** Ends all work and closes the library. */
    public void close() {
        live.close();
        background.close();
        library.close();
    }
}
