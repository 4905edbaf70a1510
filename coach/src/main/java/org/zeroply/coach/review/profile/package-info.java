/** What many reviewed games tell about one player. */
package org.zeroply.coach.review.profile;
