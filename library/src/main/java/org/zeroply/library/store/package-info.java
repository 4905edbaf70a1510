/** Plain SQL over the library file, one store a table. */
package org.zeroply.library.store;
