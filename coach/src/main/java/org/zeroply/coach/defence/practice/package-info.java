/** What is tried when nothing is clear: checks, counterplay, a wish, a fortress. */
package org.zeroply.coach.defence.practice;
