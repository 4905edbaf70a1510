/** A picture of the house, made from its code: which rooms there are and which stands on which. */
package org.zeroply.workshop.house;
