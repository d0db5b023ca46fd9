import type { Method, MethodField, WholeVisit } from '../api/types';
import type { Standing } from './clocks';
import type { Draft } from './draft';
import { drawingOf } from './drawings';
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
  clock: Standing | null;
  /** Set where the field stands in a row and its label is the column's. */
  inRow?: boolean;
};

/** A choice's words, drawn where the method draws them. */
export function optionsOf(method: Method, field: MethodField) {
  const Option = drawingOf(method.id)?.OptionDrawing;
  return field.options.map((option) => ({
    word: option.word,
    label: option.label,
    sentence: option.sentence,
    drawing: Option ? <Option field={field.key} word={option.word} /> : undefined,
  }));
}
