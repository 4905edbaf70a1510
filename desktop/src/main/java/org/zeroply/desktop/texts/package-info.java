/** What the window says, apart from the code that says it. */
package org.zeroply.desktop.texts;
