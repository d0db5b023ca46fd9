import { expect, test } from 'vitest';
import type { PracticeTable } from '../../api/types';
import { asSent, asTyped, emptyRow } from './tableForm';

const ROWS: PracticeTable['rows'] = [{ key: 'white-clover', values: [1.5, 12] }];

test('a table goes into the form and comes back from it as it was', () => {
  expect(asSent(asTyped(ROWS))).toEqual(ROWS);
});

test('a name typed in words becomes the key of a row', () => {
  expect(asSent([{ key: ' White  Clover ', values: ['1.5', '12'] }])).toEqual(ROWS);
});

test('what is no number is sent as none, so that its place is named', () => {
  expect(asSent([{ key: 'rye', values: ['soon', ''] }])[0]?.values).toEqual([null, null]);
  expect(emptyRow({ columns: [1, 2] } as unknown as PracticeTable)).toEqual({ key: '', values: ['', ''] });
});
