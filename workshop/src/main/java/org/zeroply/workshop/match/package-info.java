/** Games of engines with each other, and what their results prove. */
package org.zeroply.workshop.match;
