/** One file for each method: what it is, how it is done, what is entered, what comes of it; and the list of all in {@code Methods}. */
package morphotera.measure.methods;
