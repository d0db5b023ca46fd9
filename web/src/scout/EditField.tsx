import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { LandField } from '../api/types';
import { knowField } from '../device/known';
import { save } from '../device/save';
import { Choice } from '../ground/Choice';
import { Fault } from '../ground/Fault';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { useKept } from '../ground/useKept';
import { useMe } from '../people/session';
import { YardstickPick } from '../read/yardsticks/YardstickPick';
import { FieldFacts } from './FieldFacts';
import { type FieldForm, formOf, knownOf } from './fieldForm';
import { TexturePick } from './TexturePick';
import { SCHOOLS, USES } from './words';

/** What is known of a field, put right: it speaks for readings to come; old ones stay as they were scored. */
export function EditField({ field, onDone }: { field: LandField; onDone: () => void }) {
  const queries = useQueryClient();
  const me = useMe();
  const [form, setForm, forget] = useKept<FieldForm>(`field:${field.id}:${field.version}`, 1, formOf(field));
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const at = (path: string) => found.find((one) => one.path === path)?.text;
  const change = (part: Partial<FieldForm>) => setForm({ ...form, ...part });

  async function submit(event: FormEvent) {
    event.preventDefault();
    const { known, unread } = knownOf(form);
    if (unread.length > 0) {
      setFound(unread);
      return;
    }
    const is: LandField = { ...field, ...known, school: known.school ?? field.school };
    try {
      const path = `/api/fields/${field.id}`;
      const label = `What is known of ${field.name}`;
      const saved = await save<LandField>({ person: me.id, path, was: field, is, label });
      knowField(queries, saved.kept ? is : saved.stands);
      forget();
      if (!saved.kept) void queries.invalidateQueries();
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
        onChange={(name) => change({ name })}
        error={at('/name')}
      />
      <Choice
        label="Land use"
        options={USES}
        value={form.use}
        onChange={(use) => change({ use })}
        error={at('/use')}
      />
      <TexturePick
        label="Texture"
        value={form.texture}
        onChange={(texture) => change({ texture })}
        error={at('/texture')}
      />
      <NumberField
        label="Clay"
        unit="%"
        value={form.clay}
        onChange={(clay) => change({ clay })}
        error={at('/clayPercent')}
      />
      <FieldFacts form={form} onChange={change} at={at} />
      <YardstickPick
        value={form.yardstick}
        onChange={(yardstick, school) => change({ yardstick, ...(school ? { school } : {}) })}
        error={at('/yardstickId')}
      />
      <Choice
        label="The groups make one number by"
        options={SCHOOLS}
        value={form.school}
        onChange={(school) => change({ school })}
        error={at('/school')}
      />
      <Fault text={fault} />
      <p className="text-sm text-faded">
        What was read before stays as it was scored; Read offers to score it again.
      </p>
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
