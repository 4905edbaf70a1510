/** The made-up club of the demo: its games, exercises and students, generated from a fixed seed. */
package org.zeroply.library.sample;
