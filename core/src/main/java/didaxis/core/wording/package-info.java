/**
 * Circuits, laws and whatever was found, said in sentences to teachers and learners. Uses marking, change and all below.
 */
package didaxis.core.wording;
