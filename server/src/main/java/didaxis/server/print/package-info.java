/** Pages made of HTML, as PDF. */
package didaxis.server.print;
