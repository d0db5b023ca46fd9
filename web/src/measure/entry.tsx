import type { Clock, Method, MethodField, WholeVisit } from '../api/types';
import type { Draft, DraftStream } from './draft';
import { Tile } from './drawings/Scene';
import type { Place } from './place';

/** What the entry of a field is given, the common one and a method's own. */
export type EntryProps = {
  whole: WholeVisit;
  place: Place;
  method: Method;
  field: MethodField;
  path: string;
  value: unknown;
  onChange: (value: unknown) => void;
  errorAt: (path: string) => string | undefined;
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  clock: Clock | null;
  /** What a probe said before its figure was taken goes with the reading. */
  keepStream: (stream: DraftStream) => void;
  /** Set where the field stands in a row and its label is the column's. */
  inRow?: boolean;
};

/** A choice's words, drawn where an eye judges between them. */
export function optionsOf(method: Method, field: MethodField) {
  const drawn = field.part === 'drawn' || field.part === 'shares';
  return field.options.map((option) => ({
    word: option.word,
    label: option.label,
    sentence: option.sentence,
    drawing: drawn ? <Tile method={method.id} field={field.key} word={option.word} /> : undefined,
  }));
}
