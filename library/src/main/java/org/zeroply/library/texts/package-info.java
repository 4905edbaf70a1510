/**
 * How a room finds its words: what is said stands in files of words, so that it can be translated.
 */
package org.zeroply.library.texts;
