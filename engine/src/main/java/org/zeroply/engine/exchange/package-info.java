/** What a series of captures on one square wins or loses, without searching. */
package org.zeroply.engine.exchange;
