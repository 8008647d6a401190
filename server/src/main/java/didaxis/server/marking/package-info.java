/** Marking over HTTP: findings as JSON, and the trial of a marking. */
package didaxis.server.marking;
