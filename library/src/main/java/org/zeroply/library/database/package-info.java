/**
 * The SQLite file: connections, one writer, migrations, what can go wrong with a file, packed texts
 * and settings. All other rooms write through it.
 */
package org.zeroply.library.database;
