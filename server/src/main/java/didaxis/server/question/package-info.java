/** A teacher's questions: composed, kept, changed, removed and brought back. */
package didaxis.server.question;
