/** Commands that review games and players. */
package org.zeroply.cli.review;
