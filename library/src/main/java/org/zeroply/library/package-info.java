/** What is kept: one file that holds games, analyses, exercises, students and attempts. */
package org.zeroply.library;
