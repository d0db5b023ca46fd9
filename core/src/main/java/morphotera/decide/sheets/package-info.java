/** Tables that sums and advice go by, of which a practice may have its own: as they ship, and as they were edited. */
package morphotera.decide.sheets;
