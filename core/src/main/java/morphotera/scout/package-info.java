/** Where to stand and what to mind before the first step. */
package morphotera.scout;
