/** Commands about endings. */
package org.zeroply.cli.ending;
