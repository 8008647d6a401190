/** Questions, papers and styles carried from one school to another. */
package didaxis.server.exchange;
