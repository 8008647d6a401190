/** The made-up school of the demo: a workshop class that studies a mountain hut's battery bank. */
package didaxis.server.demo;
