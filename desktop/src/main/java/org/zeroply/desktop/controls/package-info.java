/** What all desks are made of: lists, tabs, dialogs, dividers, and what a desk is. */
package org.zeroply.desktop.controls;
