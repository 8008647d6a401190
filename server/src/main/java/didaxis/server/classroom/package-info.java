/** Classes and their learners. */
package didaxis.server.classroom;
