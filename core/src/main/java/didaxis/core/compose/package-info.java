/** Changes a circuit one act at a time, so that what comes out is always a circuit. Uses notation and circuit. */
package didaxis.core.compose;
