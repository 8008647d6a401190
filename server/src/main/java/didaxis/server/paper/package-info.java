/** Papers: questions in their order, as they are made, looked at, printed and handed out. */
package didaxis.server.paper;
