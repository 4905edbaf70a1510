/**
 * Games, analyses, exercises and chapters as kept: their texts and histories, the list and its
 * search, collections, the bin, and what could not be read.
 */
package org.zeroply.library.sheet;
