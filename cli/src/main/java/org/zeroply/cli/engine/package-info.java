/** Commands that drive and measure the engine. */
package org.zeroply.cli.engine;
