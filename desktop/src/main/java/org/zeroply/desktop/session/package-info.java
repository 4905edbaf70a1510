/** View models that several desks share: an open tree, the live analysis, background work. */
package org.zeroply.desktop.session;
