/** Exact results of endings with few men. */
package org.zeroply.engine.endings;
