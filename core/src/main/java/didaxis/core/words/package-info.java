/** Answers in words: read word by word, and looked through for key phrases. Uses style and quantity alone. */
package didaxis.core.words;
