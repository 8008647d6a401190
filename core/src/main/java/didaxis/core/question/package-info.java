/** Questions: what of a chart is given, asked and withheld, and what each answer earns. Uses working and all below. */
package didaxis.core.question;
