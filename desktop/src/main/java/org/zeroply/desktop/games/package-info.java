/** The Games desk: games are found, replayed and worked out. */
package org.zeroply.desktop.games;
