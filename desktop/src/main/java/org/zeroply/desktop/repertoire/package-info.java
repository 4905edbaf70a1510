/** The Repertoire desk: lines, map, findings, games, learning, merging. */
package org.zeroply.desktop.repertoire;
