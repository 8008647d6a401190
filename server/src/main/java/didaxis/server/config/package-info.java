/** What every feature stands on: database, security, pages, problems, the API's description. Knows no feature but account. */
package didaxis.server.config;
