/** The command line: the same services without a window. */
package org.zeroply.cli;
