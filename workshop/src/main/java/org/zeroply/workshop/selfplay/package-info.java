/** Games of the engine with itself, and the positions of them that it learns from. */
package org.zeroply.workshop.selfplay;
