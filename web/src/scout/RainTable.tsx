import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { LandField, RainRead } from '../api/types';
import { day, show } from '../ground/format';

/** A holding's own rain, from a table: looked at first, with the rows that cannot be read, and kept when asked. */
export function RainTable({ field }: { field: LandField }) {
  const queries = useQueryClient();
  const [text, setText] = useState('');
  const [read, setRead] = useState<RainRead | null>(null);
  const [fault, setFault] = useState<string | null>(null);

  async function send(table: string, keep: boolean) {
    try {
      const path = { id: field.holdingId };
      const answer = (await take(
        api.POST('/api/holdings/{id}/rain', { params: { path }, body: { text: table, keep } }),
      )) as RainRead;
      setText(table);
      setRead(answer);
      setFault(null);
      if (keep) await queries.invalidateQueries({ queryKey: keys.field(field.id) });
    } catch (problem) {
      setFault(sentence(problem));
    }
  }

  const first = read?.days[0];
  const last = read?.days.at(-1);
  return (
    <details>
      <summary className="link flex min-h-11 cursor-pointer items-center">
        Rain as {field.holdingName} read it, from a table
      </summary>
      <div className="grid gap-2 pb-2">
        <label className="link flex min-h-11 cursor-pointer items-center justify-self-start">
          Choose a CSV file
          <input
            type="file"
            accept=".csv,text/csv"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void file.text().then((table) => send(table, false));
            }}
          />
        </label>
        <p className="text-sm text-faded">
          Columns: day (2031-05-14), rain_mm, and if there irrigation_mm and air_mean_c.
        </p>
        {read && first && last && (
          <p>
            {read.days.length} days, {day(first.day)} to {day(last.day)},{' '}
            {show(
              read.days.reduce((sum, one) => sum + one.rainMm, 0),
              0,
            )}{' '}
            mm in all.{' '}
            {read.kept > 0 ? (
              'Kept.'
            ) : (
              <button type="button" className="link min-h-11" onClick={() => void send(text, true)}>
                Keep them
              </button>
            )}
          </p>
        )}
        {read && read.bad.length > 0 && (
          <div className="text-warn" role="alert">
            <p>Left out:</p>
            <ul>
              {read.bad.slice(0, 8).map((row) => (
                <li key={row.line}>
                  Line {row.line}
                  {row.text && `, “${row.text}”`}: {row.why}
                </li>
              ))}
              {read.bad.length > 8 && <li>and {read.bad.length - 8} more</li>}
            </ul>
          </div>
        )}
        {fault && (
          <p className="text-warn" role="alert">
            {fault}
          </p>
        )}
      </div>
    </details>
  );
}
