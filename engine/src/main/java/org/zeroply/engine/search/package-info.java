/** The built-in engine: alpha-beta search over the fast board. */
package org.zeroply.engine.search;
