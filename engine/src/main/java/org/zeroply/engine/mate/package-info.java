/** Mates by force, proved by trying every move of one side against every answer of the other. */
package org.zeroply.engine.mate;
