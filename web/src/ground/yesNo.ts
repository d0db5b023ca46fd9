/** A yes or no as the word of a choice; null where it is neither. */
export function yesNo(value: unknown): 'yes' | 'no' | null {
  return value === true ? 'yes' : value === false ? 'no' : null;
}
