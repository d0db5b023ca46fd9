/** Who does which step where and when, on one visit. Plain arithmetic: a device without a signal plans again by itself. */
package morphotera.scout.runsheet;
