/** What all commands share: options, input, output and how errors are told. */
package org.zeroply.cli.console;
