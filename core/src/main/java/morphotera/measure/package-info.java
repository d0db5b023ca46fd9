/**
 * One file for each method: what it is, how it is done, what is entered, what comes of it. Plain arithmetic only, because
 * these classes will be compiled for the browser too.
 */
package morphotera.measure;
