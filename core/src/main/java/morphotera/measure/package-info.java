/**
 * What every method is made of: its description, the check of what was entered, the evaluation, the tables shared by several.
 * The methods themselves are in {@code methods}. Plain arithmetic only, because these classes will be compiled for the
 * browser too.
 */
package morphotera.measure;
