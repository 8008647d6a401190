/** What was handed out, what learners have written and sent, and what came of it. */
package didaxis.server.assignment;
