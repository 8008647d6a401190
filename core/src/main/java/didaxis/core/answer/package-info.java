/** What learners type that is no amount of the chart, how it is read, and what is said of it. */
package didaxis.core.answer;
