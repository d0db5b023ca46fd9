/** Real change or noise, and what was unlike. */
package morphotera.follow;
