/** The open engine protocol (UCI): serving it, and using another program that serves it. */
package org.zeroply.engine.protocol;
