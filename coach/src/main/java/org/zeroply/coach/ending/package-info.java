/** What an ending truly is: results, zugzwang, corresponding squares, triangulation, plans. */
package org.zeroply.coach.ending;
