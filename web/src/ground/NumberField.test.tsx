// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import { render } from '../testing/render';
import { NumberField } from './NumberField';

const field = (value: string, error?: string) =>
  render(<NumberField label="Depth" unit="mm" value={value} onChange={() => undefined} error={error} />);

it('a number in another unit shows what it is taken for', () => {
  expect(field('3 1/2 in').textContent).toContain('= 88.9 mm');
});

it('what is no number is said beside the field, and stays as it was typed', () => {
  const page = field('deep');
  expect(page.textContent).toContain('This is not a number; write it in mm.');
  const input = page.querySelector('input');
  expect(input?.getAttribute('aria-invalid')).toBe('true');
  expect(input?.getAttribute('value')).toBe('deep');
  expect(page.querySelector(`[id="${input?.getAttribute('aria-describedby')}"]`)?.textContent).toContain(
    'not a number',
  );
});

it('the words of the server come first, and an empty field is no fault', () => {
  expect(field('9', 'Depth goes from 10 to 20 mm.').textContent).toContain('goes from 10');
  expect(field('').textContent).not.toContain('not a number');
});
