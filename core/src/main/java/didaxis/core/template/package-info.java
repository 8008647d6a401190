/** Questions whose values vary: which values, under which conditions, and the sets of them that meet these. */
package didaxis.core.template;
