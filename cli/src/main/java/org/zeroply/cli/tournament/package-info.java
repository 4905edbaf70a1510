/** The group {@code tournament}. */
package org.zeroply.cli.tournament;
