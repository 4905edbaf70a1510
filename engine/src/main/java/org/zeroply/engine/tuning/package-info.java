/** Finds positions in which mates or gains of men are proved by searching every move. */
package org.zeroply.engine.tuning;
