/** Who is there: accounts, passwords, sign-in and its throttle. */
package didaxis.server.account;
