/** Causes weighed by evidence, what to test next, and remedies with their sums. */
package morphotera.decide;
