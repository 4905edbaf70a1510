/** Every legal move, each holding, refuted or not proved, with what it does and costs. */
package org.zeroply.coach.defence.elimination;
