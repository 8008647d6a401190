/** What increases and decreases when one thing changes, and why, link by link. Uses working and all below. */
package didaxis.core.change;
