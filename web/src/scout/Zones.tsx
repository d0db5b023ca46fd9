import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../api/ids';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { LandField, Zone } from '../api/types';
import { knowZone } from '../device/known';
import { save } from '../device/save';
import { Choice } from '../ground/Choice';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { parse } from '../ground/units';
import { zoneName } from '../ground/ZonePick';
import { useMe } from '../people/session';
import { TexturePick } from './TexturePick';
import { ZONE_KINDS } from './words';

type Props = { field: LandField; zone: Zone; onPick: (id: string) => void };

/** Which part of the field the next spot belongs to: one that is there, by name, or a new one. */
export function Zones({ field, zone, onPick }: Props) {
  const [open, setOpen] = useState<'this' | 'new' | null>(null);
  return (
    <div className="grid gap-2">
      <Choice
        label="The next spot belongs to"
        options={field.zones.map((one) => ({
          word: one.id,
          label: zoneName(one),
          sentence: whatItIs(one, field),
        }))}
        value={zone.id}
        onChange={(id) => {
          setOpen(null);
          onPick(id);
        }}
      />
      <div className="flex flex-wrap gap-x-6">
        <button type="button" className="link min-h-11" onClick={() => setOpen('new')}>
          Another patch or strip
        </button>
        {zone.kind !== 'main' && (
          <button type="button" className="link min-h-11" onClick={() => setOpen('this')}>
            Name and texture of {zoneName(zone)}
          </button>
        )}
      </div>
      {open && (
        <EditZone
          key={open === 'new' ? 'new' : zone.id}
          field={field}
          zone={open === 'new' ? null : zone}
          onDone={(id) => {
            setOpen(null);
            if (id) onPick(id);
          }}
        />
      )}
    </div>
  );
}

function whatItIs(zone: Zone, field: LandField): string {
  const kind = ZONE_KINDS.find((one) => one.word === zone.kind)?.label ?? zone.kind;
  const texture = zone.texture ?? field.texture;
  return `${kind}, ${texture?.replaceAll('-', ' ') ?? 'texture not known'}${zone.texture ? ' of its own' : ''}.`;
}

function EditZone(props: { field: LandField; zone: Zone | null; onDone: (id: string | null) => void }) {
  const { field, zone, onDone } = props;
  const me = useMe();
  const queries = useQueryClient();
  const [id] = useState(() => zone?.id ?? newId());
  const [kind, setKind] = useState(zone?.kind ?? 'poor');
  const [name, setName] = useState(zone?.name ?? '');
  const [texture, setTexture] = useState(zone?.texture ?? '');
  const [clay, setClay] = useState(
    zone?.clayPercent === null || zone === null ? '' : String(zone.clayPercent),
  );
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const at = (path: string) => found.find((one) => one.path === path)?.text;

  async function keep() {
    const share = clay.trim() === '' ? null : parse(clay, '%');
    if (share && !share.ok) {
      setFound([{ path: '/clayPercent', code: 'wrong-type', text: share.text }]);
      return;
    }
    try {
      const is = {
        id,
        fieldId: field.id,
        name,
        kind,
        texture: texture || null,
        clayPercent: share?.ok ? share.value : null,
        outline: zone?.outline ?? [],
        version: zone?.version ?? 0,
      };
      const { id: _, ...fresh } = is;
      const saved = await save<Zone>({
        person: me.id,
        path: `/api/zones/${id}`,
        was: zone,
        is: zone === null ? fresh : is,
        label: `${name}, ${field.name}`,
      });
      knowZone(queries, field, saved.kept ? is : saved.stands);
      if (!saved.kept) void queries.invalidateQueries();
      onDone(id);
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error).length === 0 ? sentence(error) : null);
    }
  }

  return (
    <section
      className="grid gap-4 border-t border-rule pt-3"
      aria-label={zone ? zoneName(zone) : 'A new zone'}
    >
      {!zone && (
        <Choice
          label="What it is"
          options={ZONE_KINDS.filter((one) => one.word !== 'main')}
          value={kind}
          onChange={setKind}
        />
      )}
      <TextField
        label="Name"
        value={name}
        onChange={setName}
        error={at('/name')}
        hint="So that two strips are told apart: limed strip, wet corner."
      />
      <TexturePick
        label="Texture, where it is not the field's"
        value={texture}
        onChange={setTexture}
        error={at('/texture')}
      />
      <NumberField
        label="Clay, where it is not the field's"
        unit="%"
        value={clay}
        onChange={setClay}
        error={at('/clayPercent')}
      />
      {(fault ?? at('/outline')) && (
        <p className="text-warn" role="alert">
          {fault ?? `${at('/outline')} Put it right under “Its outline”.`}
        </p>
      )}
      <div className="flex gap-3">
        <button type="button" className="button button-main" onClick={() => void keep()}>
          Keep the zone
        </button>
        <button type="button" className="button" onClick={() => onDone(null)}>
          Close
        </button>
      </div>
    </section>
  );
}
