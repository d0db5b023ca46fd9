/** Values every other package speaks in: land use, texture, moisture, depth, bands; units stand in the names. */
package morphotera.ground;
