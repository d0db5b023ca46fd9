import { type FormEvent, useState } from 'react';
import { isPlain, mended, nameOf, type Question, questionsOf } from '../device/mending';
import type { Parcel } from '../device/parcel';
import { drop, mend } from '../device/parcels';
import { sendNow } from '../device/sender';
import { Choice } from '../ground/Choice';
import { Fault } from '../ground/Fault';
import { show } from '../ground/format';
import { TextField } from '../ground/TextField';
import { parse } from '../ground/units';

/** What did not go, with each value that is in question as it was typed: put right, or chosen, and sent again under its number. */
export function Mend({ parcel }: { parcel: Parcel }) {
  const questions = questionsOf(parcel);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [fault, setFault] = useState<string | null>(null);
  const isOpen = (one: Question) => 'theirs' in one || isPlain(one.mine);
  if (questions.length > 0 && !questions.every(isOpen)) return null;
  const answerOf = (one: Question) => typed[one.path] ?? ('theirs' in one ? '' : asTyped(one.mine));

  async function send(event: FormEvent) {
    event.preventDefault();
    const answers = new Map<string, unknown>();
    for (const one of questions) {
      const answer = answerOf(one);
      if ('theirs' in one) {
        if (answer === '') return setFault(`Choose which is right: ${nameOf(one.path)}.`);
        answers.set(one.path, answer === 'mine' ? one.mine : one.theirs);
        continue;
      }
      const read = asMeant(answer, one);
      if (!read.ok) return setFault(`${nameOf(one.path)}: ${read.text}`);
      answers.set(one.path, read.value);
    }
    const body = mended(parcel, answers);
    if (body === null) {
      await drop(parcel.id);
      await sendNow();
    } else if (!(await mend(parcel.id, body))) {
      setFault('This device has no room left: free some, then send it again.');
    }
  }

  return (
    <form onSubmit={(event) => void send(event)} noValidate className="mt-2 grid gap-3">
      {questions.map((one) =>
        'theirs' in one ? (
          <Choice
            key={one.path}
            label={nameOf(one.path)}
            options={[
              { word: 'mine', label: `yours: ${inShort(one.mine)}` },
              { word: 'theirs', label: `now: ${inShort(one.theirs)}` },
            ]}
            value={answerOf(one)}
            onChange={(word) => setTyped({ ...typed, [one.path]: word })}
          />
        ) : (
          <TextField
            key={one.path}
            label={nameOf(one.path)}
            value={answerOf(one)}
            onChange={(text) => setTyped({ ...typed, [one.path]: text })}
            error={one.said}
          />
        ),
      )}
      <Fault text={fault} className="text-sm" />
      <button type="submit" className="button w-fit">
        Send it again
      </button>
    </form>
  );
}

function asTyped(value: unknown): string {
  return value === null || value === undefined ? '' : String(value);
}

/**
 * In the kind that it was of, unless that was what was wrong with it; what was missing is a figure where it can be read as one.
 */
function asMeant(
  text: string,
  { mine, code }: Question,
): { ok: true; value: unknown } | { ok: false; text: string } {
  if (text.trim() === '') return { ok: true, value: null };
  if (typeof mine === 'boolean') return { ok: true, value: text.trim() === 'true' };
  const asText = { ok: true as const, value: text };
  const asFigure = parse(text, null);
  if (code === 'wrong-type') return typeof mine === 'number' || !asFigure.ok ? asText : asFigure;
  if (typeof mine === 'number') return asFigure;
  return typeof mine === 'string' || !asFigure.ok ? asText : asFigure;
}

function inShort(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return show(value, 2);
  if (Array.isArray(value)) return value.every(isPlain) ? value.join(', ') : `${value.length} parts`;
  return typeof value === 'object' ? 'another set' : String(value).replaceAll('-', ' ');
}
