/** What something that is done promises, by which forecast. */
package morphotera.follow.promises;
