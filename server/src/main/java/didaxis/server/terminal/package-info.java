/** What is done at the machine itself: the data folder, backup and restore, a password for who forgot. Uses nothing else. */
package didaxis.server.terminal;
