/** From readings to scores, from spots to a field, from methods to the soil; and what a section of ground says in words. */
package morphotera.read;
