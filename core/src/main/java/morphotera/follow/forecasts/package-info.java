/** One file for each forecast, and the list of all in {@code Forecasts}. */
package morphotera.follow.forecasts;
