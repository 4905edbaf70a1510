/** Series of checks, searched to their end. */
package org.zeroply.engine.checks;
