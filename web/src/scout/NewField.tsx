import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { type Refusal, refusals, sentence } from '../api/problem';
import { manyFields } from '../api/season';
import type { Holding, LandField } from '../api/types';
import { knowField } from '../device/known';
import { save } from '../device/save';
import { BringFile } from '../exchange/BringFile';
import { Choice } from '../ground/Choice';
import { Fault } from '../ground/Fault';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { useHere } from '../ground/useHere';
import { useKept } from '../ground/useKept';
import { useMe } from '../people/session';
import { DrawEdge } from './DrawEdge';
import { FieldFacts } from './FieldFacts';
import { knownOf, NOTHING_KNOWN } from './fieldForm';
import { readOutline } from './outline';
import { TexturePick } from './TexturePick';
import { USES } from './words';

const EMPTY = {
  ...NOTHING_KNOWN,
  fieldId: '',
  zoneId: '',
  holdingId: '',
  newHoldingId: '',
  holdingName: '',
  outline: '',
  squareHa: '1',
};

/** A field of one's own: whose, what it is called, what it is, where its corners are. Kept as typed until it is saved. */
export function NewField() {
  const me = useMe();
  const navigate = useNavigate();
  const here = useHere();
  const queries = useQueryClient();
  // Nobody has to say it again for each of their fields.
  const [usual, keepUsual] = useKept(`usual-use:${me.id}`, 1, 'arable');
  const [form, keep, forget] = useKept(`new-field:${me.id}`, 2, {
    ...EMPTY,
    use: usual,
    fieldId: newId(),
    zoneId: newId(),
    newHoldingId: newId(),
  });
  const [find, setFind] = useState('');
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const holdings = useQuery({
    queryKey: keys.holdings,
    queryFn: ({ signal }) => take(api.GET('/api/holdings', { signal })) as Promise<Holding[]>,
  });
  // While they are still being fetched nothing is chosen: what is, stays.
  const holdingId = form.holdingId || (holdings.data?.length === 0 ? 'new' : '');
  const season = useQuery({ ...manyFields, enabled: holdingId !== '' && holdingId !== 'new' });
  const neighbours = (season.data?.fields ?? [])
    .map((card) => card.field)
    .filter((field) => field.holdingId === holdingId);
  const set = (key: keyof typeof EMPTY) => (value: string) => keep({ ...form, [key]: value });
  const outline = readOutline(form.outline);
  const at = (path: string) => found.find((one) => one.path.startsWith(path))?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    setFault(null);
    const missing: Refusal[] = [];
    if (holdingId === '')
      missing.push({ path: '/holdingId', code: 'missing', text: 'Choose whose land it is.' });
    if (holdingId === 'new' && form.holdingName.trim() === '')
      missing.push({ path: '/holdingName', code: 'missing', text: 'Name the holding.' });
    const { known, unread } = knownOf(form);
    missing.push(...unread);
    if (outline.fault) missing.push({ path: '/outline', code: 'unreadable', text: outline.fault });
    if (missing.length > 0) {
      setFound(missing);
      return;
    }
    try {
      if (holdingId === 'new') {
        await save({
          person: me.id,
          path: `/api/holdings/${form.newHoldingId}`,
          was: null,
          is: { name: form.holdingName, version: 0 },
          label: `Holding ${form.holdingName}`,
        });
      }
      const is = {
        holdingId: holdingId === 'new' ? form.newHoldingId : holdingId,
        mainZoneId: form.zoneId,
        ...known,
        outline: outline.corners,
        timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        version: 0,
      };
      const path = `/api/fields/${form.fieldId}`;
      const saved = await save<LandField>({
        person: me.id,
        path,
        was: null,
        is,
        label: `Field ${form.name}`,
      });
      const holdingName =
        holdingId === 'new'
          ? form.holdingName
          : (holdings.data?.find((one) => one.id === holdingId)?.name ?? '');
      knowField(queries, saved.kept ? asKept(is, form.fieldId, holdingName) : saved.stands);
      keepUsual(form.use);
      forget();
      if (!saved.kept) void queries.invalidateQueries();
      if (here.current) void navigate(`/fields/${form.fieldId}/scout`);
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error).length === 0 ? sentence(error) : null);
    }
  }

  const many = (holdings.data ?? []).length > SHOWN;
  const holdingOptions = [
    ...holdingsFor(holdings.data ?? [], find, holdingId).map((one) => ({ word: one.id, label: one.name })),
    { word: 'new', label: 'A new holding' },
  ];
  return (
    <form
      onSubmit={(event) => void submit(event)}
      noValidate
      className="mx-auto grid max-w-[68rem] gap-x-12 gap-y-6 wide:grid-cols-2"
    >
      <div className="wide:col-span-2">
        <h1>A new field</h1>
        <BringFile
          kind="fields"
          title="Or several at once, from a file"
          hint="GeoJSON with a polygon for each; name, holding and use from its properties. Holdings that are not there yet are made."
          accept=".geojson,.json,application/geo+json"
          names={['field', 'fields']}
        />
      </div>
      <div className="grid content-start gap-6">
        {many && (
          <TextField
            label="Find the holding"
            value={find}
            onChange={setFind}
            hint={`${holdings.data?.length} holdings: type a part of the name.`}
          />
        )}
        <Choice
          label="Whose land"
          options={holdingOptions}
          value={holdingId}
          onChange={set('holdingId')}
          error={at('/holdingId')}
        />
        {holdingId === 'new' && (
          <TextField
            label="Name of the holding"
            value={form.holdingName}
            onChange={set('holdingName')}
            error={at('/holdingName')}
          />
        )}
        <TextField label="Name of the field" value={form.name} onChange={set('name')} error={at('/name')} />
        <Choice
          label="Land use"
          options={USES}
          value={form.use}
          onChange={set('use')}
          error={at('/use')}
          hint="Taken as the last one you set until you say otherwise; limits differ by use."
        />
        <TexturePick
          label="Texture, if known"
          value={form.texture}
          onChange={set('texture')}
          error={at('/texture')}
        />
        <NumberField
          label="Clay, if known"
          unit="%"
          value={form.clay}
          onChange={set('clay')}
          error={at('/clayPercent')}
        />
        <details>
          <summary className="link min-h-11 cursor-pointer">More that is known of it</summary>
          <div className="mt-3">
            <FieldFacts form={form} onChange={(part) => keep({ ...form, ...part })} at={at} />
          </div>
        </details>
      </div>
      <div className="grid content-start gap-4">
        <DrawEdge
          typed={form.outline}
          onType={set('outline')}
          squareHa={form.squareHa}
          onSquareHa={set('squareHa')}
          neighbours={neighbours}
          error={at('/outline')}
        />
        <Fault text={fault} />
      </div>
      <div className="wide:col-span-2">
        <button type="submit" className="button button-main">
          Save the field
        </button>
        <span className="ml-4 text-sm text-faded">kept on this device as you type</span>
      </div>
    </form>
  );
}

/** So many holdings are shown at once. */
const SHOWN = 8;

/** Those whose name has what was typed, and the one that is chosen; the first few of them. */
export function holdingsFor<T extends { id: string; name: string }>(
  all: T[],
  typed: string,
  chosen: string | null,
): T[] {
  const word = typed.trim().toLocaleLowerCase();
  const fit = all.filter((one) => one.id !== chosen && one.name.toLocaleLowerCase().includes(word));
  return [...all.filter((one) => one.id === chosen), ...fit].slice(0, SHOWN);
}

/** As it stands on this device until the server has it; its area is told by the server. */
function asKept(is: { mainZoneId: string }, id: string, holdingName: string): LandField {
  const main = {
    id: is.mainZoneId,
    fieldId: id,
    name: 'whole field',
    kind: 'main',
    texture: null,
    clayPercent: null,
    outline: [],
  };
  return {
    ...(is as unknown as LandField),
    id,
    holdingName,
    school: 'balanced',
    gate: null,
    water: null,
    avoid: [],
    areaHa: 0,
    zones: [{ ...main, version: 0 }],
    spots: [],
    samples: [],
  };
}
