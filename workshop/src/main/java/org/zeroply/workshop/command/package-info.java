/** How the works of this module are asked for. */
package org.zeroply.workshop.command;
