import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { Failed, refusals, sentence } from '../api/problem';
import type { Intervention, LandField } from '../api/types';
import { knowDone } from '../device/known';
import { save } from '../device/save';
import { Choice } from '../ground/Choice';
import { day, show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { parse } from '../ground/units';
import { useKept } from '../ground/useKept';
import { useMe } from '../people/session';

const KINDS = [
  'lime',
  'gypsum',
  'sulphur',
  'nitrogen',
  'manure',
  'compost',
  'mulch',
  'drains',
  'tillage',
  'subsoiling',
  'sowing',
  'cover-crop',
  'grazing',
  'irrigation',
  'other',
].map((word) => ({
  word,
  label: word === 'grazing' ? 'stocking, rest' : word.replace('-', ' '),
}));

const UNITS = ['t/ha', 'kg/ha', 'm³/ha', 'mm', 't', 'kg', 'm', 'animals/ha', 'days'];
const WITH_CROP = ['sowing', 'cover-crop'];
const EMPTY = {
  doneOn: '',
  kind: '',
  amount: '',
  unit: 't/ha',
  product: '',
  zoneId: '',
  depth: '',
  crop: '',
  note: '',
};

/** What was done to the field; each stands as a peg on every trend. */
export function Log({
  field,
  done,
  mayWrite,
}: {
  field: LandField;
  done: Intervention[];
  mayWrite: boolean;
}) {
  const queries = useQueryClient();
  const [id, setId] = useState(newId);
  const me = useMe();
  const [form, setForm, forget] = useKept(`log:${field.id}`, 1, EMPTY);
  const [fault, setFault] = useState<unknown>(null);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    const amount = read(form.amount, null);
    const depth = read(form.depth, 'cm');
    if (!amount.ok || !depth.ok) {
      const found = [
        ...(amount.ok ? [] : [{ path: '/amount', code: 'wrong-type', text: amount.text }]),
        ...(depth.ok ? [] : [{ path: '/depthCm', code: 'wrong-type', text: depth.text }]),
      ];
      setFault(new Failed({ status: 422, title: '', detail: '', errors: found }));
      return;
    }
    try {
      const is = {
        fieldId: field.id,
        doneOn: form.doneOn || (null as unknown as string),
        kind: form.kind || (null as unknown as string),
        amount: amount.value,
        unit: amount.value === null ? null : form.unit,
        product: form.product.trim() || null,
        zoneId: form.zoneId || null,
        depthCm: depth.value,
        crop: (WITH_CROP.includes(form.kind) && form.crop.trim()) || null,
        note: form.note.trim() || null,
        version: 0,
      };
      const path = `/api/interventions/${id}`;
      const label = `Done: ${form.kind}, ${field.name}`;
      const saved = await save<Intervention>({ person: me.id, path, was: null, is, label });
      knowDone(queries, saved.kept ? { ...is, id } : saved.stands);
      setId(newId());
      forget();
      setForm(EMPTY);
      setFault(null);
      if (!saved.kept) await queries.invalidateQueries({ queryKey: keys.season });
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <section aria-labelledby="done" className="max-w-[46rem]">
      <h2 id="done">What was done</h2>
      {done.length === 0 && (
        <p className="text-faded">Nothing is logged yet: lime, tillage, a cover crop, drains.</p>
      )}
      <ul className="mt-2">
        {done.map((one) => (
          <li key={one.id} className="grid grid-cols-[8rem_1fr] gap-x-4 border-t border-rule py-2">
            <span className="num text-sm">{day(one.doneOn)}</span>
            <span>
              {said(one, field)}
              {one.note && <span className="text-faded">, {one.note}</span>}
            </span>
          </li>
        ))}
      </ul>
      {mayWrite && (
        <details className="mt-2" open={fault !== null || undefined}>
          <summary className="link flex min-h-11 cursor-pointer items-center">Log something done</summary>
          <form onSubmit={(event) => void submit(event)} noValidate className="grid gap-4 pt-2">
            <Choice
              label="What"
              options={KINDS}
              value={form.kind}
              onChange={(kind) => setForm({ ...form, kind })}
              error={at('/kind')}
            />
            <div className="grid gap-4 desk:grid-cols-2">
              <TextField
                label="Day"
                type="date"
                value={form.doneOn}
                onChange={(doneOn) => setForm({ ...form, doneOn })}
                error={at('/doneOn')}
              />
              <div className="grid grid-cols-[1fr_auto] items-end gap-2">
                <NumberField
                  label="How much"
                  unit=""
                  value={form.amount}
                  onChange={(amount) => setForm({ ...form, amount })}
                  error={at('/amount') ?? at('/unit')}
                />
                <select
                  aria-label="Unit"
                  value={form.unit}
                  onChange={(event) => setForm({ ...form, unit: event.target.value })}
                >
                  {UNITS.map((unit) => (
                    <option key={unit}>{unit}</option>
                  ))}
                </select>
              </div>
              <TextField
                label="Product"
                value={form.product}
                onChange={(product) => setForm({ ...form, product })}
                error={at('/product')}
              />
              <NumberField
                label="How deep"
                unit="cm"
                value={form.depth}
                onChange={(depth) => setForm({ ...form, depth })}
                error={at('/depthCm')}
              />
              <label className="block font-medium">
                Where
                <select
                  className="mt-1 block w-full font-normal"
                  value={form.zoneId}
                  onChange={(event) => setForm({ ...form, zoneId: event.target.value })}
                >
                  <option value="">the whole field</option>
                  {field.zones
                    .filter((zone) => zone.kind !== 'main')
                    .map((zone) => (
                      <option key={zone.id} value={zone.id}>
                        {zone.name}
                      </option>
                    ))}
                </select>
              </label>
              {WITH_CROP.includes(form.kind) && (
                <TextField
                  label="Crop"
                  value={form.crop}
                  onChange={(crop) => setForm({ ...form, crop })}
                  error={at('/crop')}
                />
              )}
              <TextField
                label="Note"
                value={form.note}
                onChange={(note) => setForm({ ...form, note })}
                error={at('/note')}
              />
            </div>
            {fault !== null && refusals(fault).length === 0 && (
              <p className="text-warn" role="alert">
                {sentence(fault)}
              </p>
            )}
            <button type="submit" className="button button-main justify-self-start">
              Log it
            </button>
          </form>
        </details>
      )}
    </section>
  );
}

function read(
  text: string,
  unit: string | null,
): { ok: true; value: number | null } | { ok: false; text: string } {
  return text.trim() === '' ? { ok: true, value: null } : parse(text, unit);
}

/** What was done in one line: kind, how much of what, how deep, where. */
function said(one: Intervention, field: LandField): string {
  const zone = field.zones.find((other) => other.id === one.zoneId);
  return [
    one.kind.replace('-', ' '),
    one.crop,
    one.amount === null ? null : `${show(one.amount)} ${one.unit ?? ''}`,
    one.product,
    one.depthCm === null ? null : `to ${figure(one.depthCm, 'cm', 0)}`,
    zone ? `on ${zone.name}` : null,
  ]
    .filter(Boolean)
    .join(', ');
}
