/** Commands about repertoires and cards. */
package org.zeroply.cli.repertoire;
