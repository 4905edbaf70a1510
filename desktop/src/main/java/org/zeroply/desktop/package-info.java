/** The workbench: desks made of views without logic and view models without nodes. */
package org.zeroply.desktop;
