/** Working as one writes it down, line by line: read, set and checked against a circuit. Uses formula's spans and law. */
package didaxis.core.line;
