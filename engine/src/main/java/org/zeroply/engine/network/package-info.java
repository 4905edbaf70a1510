/** The judge of positions that was learnt from games of the engine with itself. */
package org.zeroply.engine.network;
