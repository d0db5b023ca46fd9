import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { refusals, sentence } from '../api/problem';
import type { Cause, RulingView } from '../api/types';
import { Choice } from '../ground/Choice';
import { show } from '../ground/format';
import { TextField } from '../ground/TextField';

const WORDS = [
  { word: 'confirmed', label: 'It is so' },
  { word: 'ruled-out', label: 'It is not so' },
  { word: 'set-aside', label: 'Not now', sentence: 'Hidden from what is called for; nothing is learned.' },
];
const GROUNDS = [
  { word: 'laboratory', label: 'a laboratory' },
  { word: 'trial', label: 'a trial' },
  { word: 'outcome', label: 'what came of it' },
  {
    word: 'opinion',
    label: 'my judgement',
    sentence: 'Kept with its reason; the table learns nothing from it.',
  },
];
const SAID: Record<string, string> = {
  confirmed: 'Confirmed',
  'ruled-out': 'Ruled out',
  'set-aside': 'Set aside',
};

type Props = { cause: Cause; visitId: string; zone: string; mayWrite: boolean };

/** What a person says of a cause, beside what was computed; it teaches the table, and can be taken back. */
export function Ruling({ cause, visitId, zone, mayWrite }: Props) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [word, setWord] = useState<string | null>(null);
  const [by, setBy] = useState<string | null>(null);
  const [why, setWhy] = useState('');
  const [fault, setFault] = useState<unknown>(null);
  const [made, setMade] = useState<RulingView | null>(null);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;
  const address = { path: { id: visitId, cause: cause.id } };
  const ruling = cause.ruling;

  async function send(what: () => Promise<unknown>) {
    try {
      setMade((await what()) as RulingView);
      setFault(null);
      setOpen(false);
      await queries.invalidateQueries({ queryKey: ['visit', visitId, 'causes'] });
    } catch (error) {
      setFault(error);
    }
  }

  const version = made?.version ?? ruling?.version ?? 0;
  const rule = () =>
    send(() =>
      take(
        api.PUT('/api/visits/{id}/causes/{cause}/ruling', {
          params: address,
          body: { zone, word: word ?? '', by: by ?? '', why, version },
        }),
      ),
    );
  const takeBack = () =>
    send(() =>
      take(
        api.DELETE('/api/visits/{id}/causes/{cause}/ruling', {
          params: { ...address, query: { zone, version } },
        }),
      ),
    );

  return (
    <div className={ruling || made || open ? 'w-full pb-1' : ''}>
      {ruling && (
        <p>
          <strong>{SAID[ruling.word] ?? ruling.word}</strong> by{' '}
          {GROUNDS.find((one) => one.word === ruling.by)?.label ?? ruling.by}: {ruling.why}{' '}
          {mayWrite && (
            <button type="button" className="link min-h-11" onClick={() => void takeBack()}>
              Take it back
            </button>
          )}
        </p>
      )}
      {made && made.taught.length > 0 && <Taught made={made} cause={cause} />}
      {mayWrite && !ruling && !open && (
        <button type="button" className="link min-h-11 text-sm" onClick={() => setOpen(true)}>
          Say what it was
        </button>
      )}
      {open && (
        <div className="my-2 grid max-w-[40rem] gap-3 border-l-[1.5px] border-ink pl-4">
          <Choice
            label="What do you say?"
            options={WORDS}
            value={word}
            onChange={setWord}
            error={at('/word')}
          />
          <Choice label="It rests on" options={GROUNDS} value={by} onChange={setBy} error={at('/by')} />
          <TextField label="The reason" value={why} onChange={setWhy} error={at('/why')} />
          {fault !== null && refusals(fault).length === 0 && (
            <p className="text-warn" role="alert">
              {sentence(fault)}
            </p>
          )}
          <div className="flex gap-6">
            <button type="button" className="button button-main" onClick={() => void rule()}>
              Keep it
            </button>
            <button type="button" className="link min-h-11" onClick={() => setOpen(false)}>
              Leave it as computed
            </button>
          </div>
        </div>
      )}
    </div>
  );
}

/** What the practice's table has learned: before and after, finding by finding. */
function Taught({ made, cause }: { made: RulingView; cause: Cause }) {
  const text = (id: string) => cause.evidence.find((one) => one.finding === id)?.text ?? id;
  const present = made.word === 'confirmed';
  return (
    <details className="text-sm">
      <summary className="link flex min-h-11 cursor-pointer items-center">
        The table has learned from it: {made.taught.length} figures moved
      </summary>
      <ul>
        {made.taught.map((one) => (
          <li key={one.finding} className="border-t border-rule py-1">
            {text(one.finding)}: seen {present ? 'with' : 'without'} it in{' '}
            <span className="num">{show(100 * (present ? one.tBefore : one.fBefore), 1)}</span> of 100 before,
            in <span className="num">{show(100 * (present ? one.tAfter : one.fAfter), 1)}</span> now
          </li>
        ))}
      </ul>
    </details>
  );
}
