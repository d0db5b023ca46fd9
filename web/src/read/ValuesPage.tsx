import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { ValueRow, Values, WholeVisit } from '../api/types';
import { Scrollable } from '../ground/Scrollable';
import { Show } from '../ground/State';
import { cellText, copyText, detailOf, figure, inMyUnits, type Order, sorted } from './values';

/** What was found: a row for each quantity with its unit, a column for each spot; each figure opens its reading. */
export function ValuesPage({ whole, zone }: { whole: WholeVisit; zone: string }) {
  const values = useQuery({
    queryKey: keys.values(whole.visit.id, zone),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/values', {
          signal,
          params: { path: { id: whole.visit.id }, query: { zone } },
        }),
      ) as Promise<Values>,
  });
  return <Show of={values}>{(found) => <ValuesOf values={found} whole={whole} />}</Show>;
}

const ORDERS: { order: Order; words: string }[] = [
  { order: 'method', words: 'by test' },
  { order: 'group', words: 'by group' },
  { order: 'spread', words: 'what differs most first' },
];

function ValuesOf({ values, whole }: { values: Values; whole: WholeVisit }) {
  const [order, setOrder] = useState<Order>('method');
  const [copied, setCopied] = useState<string | null>(null);
  const base = `/fields/${whole.field.id}/visits/${whole.visit.id}/measure`;
  if (values.rows.length === 0) {
    return (
      <p className="py-8 text-lg">
        Nothing was read in this zone yet.{' '}
        <Link className="link" to={base}>
          Go to Measure
        </Link>
      </p>
    );
  }

  async function copy() {
    try {
      await navigator.clipboard.writeText(copyText(values));
      setCopied('Copied: paste it into a spreadsheet.');
    } catch {
      setCopied('This browser does not let a page copy. Mark the table and copy it by hand.');
    }
  }

  return (
    <section aria-label="What was found">
      <div className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-1">
        <div className="flex flex-wrap gap-x-5" role="group" aria-label="Order">
          {ORDERS.map((one) => (
            <button
              key={one.order}
              type="button"
              aria-pressed={order === one.order}
              className={`min-h-11 border-b-2 ${order === one.order ? 'border-ink font-semibold' : 'border-transparent text-faded'}`}
              onClick={() => setOrder(one.order)}
            >
              {one.words}
            </button>
          ))}
        </div>
        <button type="button" className="link ml-auto min-h-11" onClick={() => void copy()}>
          Copy for a spreadsheet
        </button>
        <span role="status" className="text-sm text-faded">
          {copied}
        </span>
      </div>
      <Scrollable label="What was found, by quantity and spot">
        <table className="w-full border-collapse text-[0.95rem]">
          <thead>
            <tr className="text-left text-sm text-faded">
              <th scope="col" className="py-1.5 pr-4 font-normal">
                quantity
              </th>
              {values.spots.map((spot) => (
                <th
                  key={spot.id}
                  scope="col"
                  className="px-2 text-right font-normal"
                  title={spot.note ?? undefined}
                >
                  {spot.label}
                </th>
              ))}
              <th scope="col" className="px-2 text-right font-normal">
                mean
              </th>
              <th scope="col" className="pl-2 text-right font-normal">
                ±
              </th>
            </tr>
          </thead>
          <tbody>
            {sorted(values.rows, order)
              .map(inMyUnits)
              .map((row, i, all) => (
                <Row
                  key={`${row.method} ${row.key} ${row.depthCm} ${row.part} ${row.how}`}
                  row={row}
                  named={order === 'spread' || all[i - 1]?.method !== row.method}
                  values={values}
                  whole={whole}
                  base={base}
                />
              ))}
          </tbody>
        </table>
      </Scrollable>
      <p className="mt-3 text-sm text-faded">
        Figures in brackets were read on a day or in a way that makes them no evidence; they enter no mean. ±
        is the spread from spot to spot; under a mean stands at how many spots there was one, where not at
        all.
      </p>
    </section>
  );
}

function Row(props: { row: ValueRow; named: boolean; values: Values; whole: WholeVisit; base: string }) {
  const { row, named, values, whole, base } = props;
  return (
    <tr className={named ? 'border-t border-edge' : 'border-t border-rule'}>
      <th scope="row" className="py-1.5 pr-4 text-left font-normal">
        {named && <span className="block text-sm font-semibold">{row.methodName}</span>}
        {row.label} <span className="text-faded">{detailOf(row)}</span>
      </th>
      {values.spots.map((spot) => {
        const here = row.values.filter((one) => one.spot === spot.id);
        return (
          <td key={spot.id} className="num px-2 text-right align-bottom whitespace-nowrap">
            {here.map((one) => {
              const reading = whole.readings.find((other) => other.id === one.reading);
              return (
                <Link
                  key={one.reading + one.words}
                  to={`${base}?spot=${spot.id}&method=${reading?.method ?? row.method}`}
                  className={`block py-0.5 underline decoration-rule underline-offset-2 ${one.hollow ? 'text-faded' : ''} ${one.words ? 'font-sans whitespace-normal' : ''}`}
                >
                  {cellText(one)}
                </Link>
              );
            })}
          </td>
        );
      })}
      <td className="num px-2 text-right align-bottom font-semibold">
        {row.mean === null ? '' : figure(row.mean)}
        {row.mean !== null && row.n < values.spots.length && (
          <span className="block text-xs font-normal text-faded">
            {row.n} of {values.spots.length}
          </span>
        )}
      </td>
      <td className="num pl-2 text-right align-bottom text-faded">{row.sd === null ? '' : figure(row.sd)}</td>
    </tr>
  );
}
