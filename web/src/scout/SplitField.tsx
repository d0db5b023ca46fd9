import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { Corner, LandField } from '../api/types';
import { knowField } from '../device/known';
import { Fault } from '../ground/Fault';
import { TextField } from '../ground/TextField';
import { useHere } from '../ground/useHere';
import { FieldMap } from './FieldMap';

/** A field becomes two along a line that is tapped across it. */
export function SplitField({ field, onDone }: { field: LandField; onDone: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const here = useHere();
  const [ids] = useState(() => ({ fieldId: newId(), zoneId: newId() }));
  const [line, setLine] = useState<Corner[]>([]);
  const [name, setName] = useState(`${field.name}, second part`);
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const at = (path: string) => found.find((one) => one.path.startsWith(path))?.text;

  async function split() {
    setFault(null);
    setFound([]);
    try {
      const { stays, goes } = (await take(
        api.POST('/api/fields/{id}/split', {
          params: { path: { id: field.id } },
          body: { ...ids, line, name, version: field.version },
        }),
      )) as { stays: LandField; goes: LandField };
      knowField(queries, stays);
      knowField(queries, goes);
      await queries.invalidateQueries();
      if (!here.current) return;
      onDone();
      void navigate(`/fields/${goes.id}/scout`);
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error).length === 0 ? sentence(error) : null);
    }
  }

  return (
    <section aria-labelledby="split" className="mt-4 grid gap-3 border-t border-rule pt-4">
      <h2 id="split">Split in two</h2>
      <p className="text-sm text-faded">
        Tap where the line enters the field, where it bends, and where it leaves. The part with the gate, or
        the larger one, stays {field.name} with all that was read in it; the spots of the other begin there
        anew.
      </p>
      <FieldMap
        outline={field.outline}
        avoid={field.avoid}
        gate={field.gate}
        spots={field.spots}
        zones={field.zones}
        frame={field.outline}
        onPlace={(place) => setLine((so) => [...so, place])}
        over={(projection) => {
          const points = line.map(projection.to);
          return (
            <g pointerEvents="none">
              <polyline
                points={points.map((one) => `${one.x},${one.y}`).join(' ')}
                fill="none"
                stroke="var(--act)"
                strokeWidth="2.5"
              />
              {points.map((one) => (
                <circle key={`${one.x} ${one.y}`} cx={one.x} cy={one.y} r="5" fill="var(--act)" />
              ))}
            </g>
          );
        }}
      />
      {at('/line') && (
        <p className="text-warn" role="alert">
          {at('/line')}
        </p>
      )}
      {line.length > 0 && (
        <button
          type="button"
          className="link min-h-11 justify-self-start"
          onClick={() => setLine(line.slice(0, -1))}
        >
          Take the last corner back
        </button>
      )}
      <TextField label="Name of the new field" value={name} onChange={setName} error={at('/name')} />
      <Fault text={fault} />
      <div className="flex gap-3">
        <button
          type="button"
          className="button button-main"
          disabled={line.length < 2}
          onClick={() => void split()}
        >
          Split the field
        </button>
        <button type="button" className="button" onClick={onDone}>
          Close
        </button>
      </div>
    </section>
  );
}
