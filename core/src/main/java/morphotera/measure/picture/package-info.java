/** Photographs that measure, on plain arrays of pixels: the same on a server and in a browser. */
package morphotera.measure.picture;
