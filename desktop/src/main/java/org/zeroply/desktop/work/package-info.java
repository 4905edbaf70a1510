/** What goes on behind the window: open trees, tasks, live analysis, settings. */
package org.zeroply.desktop.work;
