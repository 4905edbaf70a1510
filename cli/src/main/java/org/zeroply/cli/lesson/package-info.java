/** Commands about lessons. */
package org.zeroply.cli.lesson;
