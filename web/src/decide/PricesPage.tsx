import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { refusals, sentence } from '../api/problem';
import type { PriceList, Remedy } from '../api/types';
import { NumberField } from '../ground/NumberField';
import { Show } from '../ground/State';
import { TextField } from '../ground/TextField';
import { parse } from '../ground/units';
import { useKept } from '../ground/useKept';
import { mayWrite, useMe } from '../people/session';
import { usePrices } from './plan/usePlan';
import { useRemedies } from './useRemedies';

/** What each remedy costs here: plans and sums go by it. */
export default function PricesPage() {
  const prices = usePrices();
  const remedies = useRemedies();
  return (
    <div className="mx-auto max-w-[52rem] py-2">
      <h1>Prices</h1>
      <Show of={remedies}>
        {(all) => (
          <Show of={prices}>{(list) => <Prices key={list.version} list={list} remedies={all} />}</Show>
        )}
      </Show>
    </div>
  );
}

type Form = { currency: string; prices: Record<string, string> };

function Prices({ list, remedies }: { list: PriceList; remedies: Remedy[] }) {
  const me = useMe();
  const queries = useQueryClient();
  const may = mayWrite(me);
  const [form, setForm, forget] = useKept<Form>(`prices:${list.version}`, 1, {
    currency: list.currency,
    prices: Object.fromEntries(list.prices.map((one) => [one.remedy, String(one.amount)])),
  });
  const [fault, setFault] = useState<unknown>(null);
  const name = (id: string) => remedies.find((one) => one.id === id)?.name ?? id;
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    const prices = list.prices.map((one) => {
      const read = parse(form.prices[one.remedy] ?? '', null);
      // What is no number is named by the server, at its place.
      return { ...one, amount: read.ok ? read.value : (null as unknown as number) };
    });
    try {
      const saved = await take(
        api.PUT('/api/prices', { body: { currency: form.currency, prices, version: list.version } }),
      );
      forget();
      setFault(null);
      queries.setQueryData(keys.prices, saved);
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <form onSubmit={(event) => void submit(event)} noValidate>
      <p className="text-faded">
        {list.version === 0
          ? 'These ship with the product and are made up: put in what is paid where you work.'
          : `The practice's own, version ${list.version}.`}{' '}
        A minus is money saved.
      </p>
      <div className="mt-4 max-w-[16rem]">
        <TextField
          label="Money is counted in"
          value={form.currency}
          onChange={(currency) => setForm({ ...form, currency })}
          error={at('/currency')}
        />
      </div>
      <ul className="mt-5">
        {list.prices.map((one, i) => (
          <li
            key={one.remedy}
            className="grid grid-cols-[1fr_11rem] items-center gap-x-6 border-t border-rule py-1.5 desk:grid-cols-[16rem_11rem_1fr]"
          >
            <span className="font-semibold">{name(one.remedy)}</span>
            <NumberField
              label={`${name(one.remedy)}, each ${one.per}`}
              hideLabel
              unit={null}
              value={form.prices[one.remedy] ?? ''}
              onChange={(typed) => setForm({ ...form, prices: { ...form.prices, [one.remedy]: typed } })}
              error={at(`/prices/${i}/amount`)}
            />
            <span className="text-faded max-desk:col-span-2">a {one.per}</span>
          </li>
        ))}
      </ul>
      {fault !== null && refusals(fault).length === 0 && (
        <p className="mt-2 text-warn" role="alert">
          {sentence(fault)}
        </p>
      )}
      {may && (
        <button type="submit" className="button button-main mt-5">
          Keep these prices
        </button>
      )}
    </form>
  );
}
