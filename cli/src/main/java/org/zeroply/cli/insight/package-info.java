/** Commands that tell what a position holds and hold it against the truth. */
package org.zeroply.cli.insight;
