/** How chess is written down: SAN, PGN and EPD. Readers are lenient, writers are exact. */
package org.zeroply.chess.notation;
