import type { MethodField, Remedy, RemedyAnswer } from '../api/types';
import { inSentence, show } from '../ground/format';
import { inMoney, type Money } from './inMoney';

/** What the readings' doubt is worth in money, beside what the test costs that would narrow it. */
export function Doubt({ answer, remedy, money }: { answer: RemedyAnswer; remedy: Remedy; money: Money }) {
  const doubt = inMoney(answer, money);
  if (!doubt) return null;
  const { currency, test } = doubt;
  const amount = (value: number) => <span className="num">{show(value, 0)}</span>;
  return (
    <p className="mt-3 border-t border-rule pt-2">
      For this field {amount(doubt.low)} to {amount(doubt.high)} {currency}: so much is in doubt.
      {test && (
        <>
          {' '}
          With {inSentence(labelOf(remedy.fields, test.key))} from a laboratory, {amount(test.price)}{' '}
          {currency} a sample, it would be {amount(test.low)} to {amount(test.high)}.{' '}
          <strong>{worth(doubt.high - doubt.low - (test.high - test.low), test.price)}</strong>
        </>
      )}
    </p>
  );
}

function worth(narrowedBy: number, price: number): string {
  return narrowedBy > price
    ? 'The test is worth its price before anything is bought.'
    : 'The test would cost more than the doubt it takes away.';
}

function labelOf(fields: MethodField[], key: string): string {
  return fields.find((one) => one.key === key)?.label ?? key;
}
