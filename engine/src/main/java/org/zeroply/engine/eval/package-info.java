/** The hand-made evaluation: named terms a coach would say, which add up to the score. */
package org.zeroply.engine.eval;
