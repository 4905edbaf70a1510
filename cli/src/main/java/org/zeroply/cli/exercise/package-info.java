/** Commands about exercises and marking. */
package org.zeroply.cli.exercise;
