/** Pictures of the main views, made from the demo club. */
package org.zeroply.workshop.pictures;
