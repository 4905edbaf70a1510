/** The Students desk: who they are, what they did, what comes next. */
package org.zeroply.desktop.students;
