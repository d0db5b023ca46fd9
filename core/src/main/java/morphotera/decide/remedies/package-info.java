/** One file for each remedy with a sum, one for the actions without; and the list of all in {@code Remedies}. */
package morphotera.decide.remedies;
