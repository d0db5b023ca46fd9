import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { LandField } from '../api/types';
import { Choice } from '../ground/Choice';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { parse } from '../ground/units';
import { SCHOOLS, TEXTURES, USES } from './words';

/** What is known of a field, put right: it speaks for readings to come; old ones stay as they were scored. */
export function EditField({ field, onDone }: { field: LandField; onDone: () => void }) {
  const queries = useQueryClient();
  const [form, setForm] = useState({
    name: field.name,
    use: field.use,
    texture: field.texture ?? '',
    clay: field.clayPercent === null ? '' : String(field.clayPercent),
    school: field.school,
  });
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const at = (path: string) => found.find((one) => one.path === path)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    const clay = form.clay.trim() === '' ? null : parse(form.clay, '%');
    if (clay && !clay.ok) {
      setFound([{ path: '/clayPercent', code: 'wrong-type', text: clay.text }]);
      return;
    }
    const { id, areaHa, holdingName, zones, spots, ...known } = field;
    try {
      await take(
        api.PUT('/api/fields/{id}', {
          params: { path: { id } },
          body: {
            ...known,
            mainZoneId: null,
            name: form.name,
            use: form.use,
            texture: form.texture || null,
            clayPercent: clay?.ok ? clay.value : null,
            school: form.school,
          },
        }),
      );
      await queries.invalidateQueries();
      onDone();
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error).length === 0 ? sentence(error) : null);
    }
  }

  return (
    <form
      onSubmit={(event) => void submit(event)}
      noValidate
      className="mt-3 grid gap-4 border-t border-rule pt-4"
    >
      <TextField
        label="Name of the field"
        value={form.name}
        onChange={(name) => setForm({ ...form, name })}
        error={at('/name')}
      />
      <Choice
        label="Land use"
        options={USES}
        value={form.use}
        onChange={(use) => setForm({ ...form, use })}
        error={at('/use')}
      />
      <div>
        <label htmlFor="edit-texture" className="mb-1 block font-medium">
          Texture
        </label>
        <select
          id="edit-texture"
          className="w-full"
          value={form.texture}
          onChange={(event) => setForm({ ...form, texture: event.target.value })}
        >
          <option value="">not known yet</option>
          {TEXTURES.map((word) => (
            <option key={word} value={word}>
              {word.replaceAll('-', ' ')}
            </option>
          ))}
        </select>
      </div>
      <NumberField
        label="Clay"
        unit="%"
        value={form.clay}
        onChange={(clay) => setForm({ ...form, clay })}
        error={at('/clayPercent')}
      />
      <Choice
        label="The groups make one number by"
        options={SCHOOLS}
        value={form.school}
        onChange={(school) => setForm({ ...form, school })}
        error={at('/school')}
      />
      {fault && (
        <p className="text-warn" role="alert">
          {fault}
        </p>
      )}
      <div className="flex gap-3">
        <button type="submit" className="button button-main">
          Keep
        </button>
        <button type="button" className="button" onClick={onDone}>
          Close
        </button>
      </div>
    </form>
  );
}
