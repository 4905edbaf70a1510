/** Commands about what holds and what refutes the rest. */
package org.zeroply.cli.defence;
