/** Commands about a library and what goes in and out of it. */
package org.zeroply.cli.library;
