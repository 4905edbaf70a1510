/** Disks that are full, cannot be written or vanish in the middle of work with a library. */
package org.zeroply.workshop.disk;
