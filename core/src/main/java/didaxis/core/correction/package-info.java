/** What a teacher puts right in a memo after the work was handed out. Uses wording and all below. */
package didaxis.core.correction;
