import { useCallback, useEffect, useRef, useState } from 'react';
import type { Method, ReadingBody, WholeVisit } from '../api/types';
import type { Parcel } from '../device/parcel';
import { post } from '../device/parcels';
import * as device from '../device/words';
import { inSentence } from '../ground/format';
import { nowIso } from '../ground/time';
import { type Draft, fromReading, lastEntry, startValues, type Values } from './draft';
import { placeOf } from './place';

export const DRAFT_VERSION = 5;
const SEND_AFTER_MS = 1500;

/** The first of a cell keeps the address it had before cells held several. */
export const keyOf = (visitId: string, spotId: string, method: string, repeat: number) =>
  `draft:${visitId}:${spotId}:${method}${repeat === 1 ? '' : `:${repeat}`}`;

/** Where a draft is sent: those of one cell have one address. */
export const draftPath = (visitId: string, placeId: string, method: string) =>
  `/api/visits/${visitId}/drafts/${placeId}/${method}`;

/** Drafts of before had no note and no time of their own; later ones mended nothing yet. */
const withNote = (older: unknown) => ({ note: '', takenAt: null, ...(older as object) });
const withMends = (older: unknown) => ({ mends: null, ...(older as object) });
const withEnded = (older: unknown) => ({ ended: {}, ...(older as object) });
const withStreams = (older: unknown) => ({ streams: [], ...(older as object) });

const OLDER = [withNote, withMends, withEnded, withStreams];

/** Whether it is typed on this device. */
export function isOnThisDevice(visitId: string, spotId: string, method: string): boolean {
  return device.read<Draft>(keyOf(visitId, spotId, method, 1), DRAFT_VERSION, OLDER) !== null;
}

/** What is being typed here, or was on another device if that is newer. */
export function findDraft(whole: WholeVisit, spotId: string, method: string, repeat = 1): Draft | null {
  const here = device.read<Draft>(keyOf(whole.visit.id, spotId, method, repeat), DRAFT_VERSION, OLDER);
  const there = whole.drafts.find(
    (one) => placeOf(one) === spotId && one.method === method && one.repeat === repeat,
  );
  if (!there || (here && here.changedAt >= there.changedAt)) return here;
  const body = there.body as Partial<Draft>;
  return {
    version: 1,
    variant: body.variant ?? '',
    step: body.step ?? '',
    values: fromReading((body.values ?? {}) as Values),
    zeroAt: body.zeroAt ?? null,
    checks: body.checks ?? {},
    corrects: body.corrects ?? null,
    reason: body.reason ?? '',
    note: body.note ?? '',
    takenAt: body.takenAt ?? null,
    mends: null,
    changedAt: there.changedAt,
    ended: body.ended ?? {},
    streams: body.streams ?? [],
  };
}

/**
 * @param way the way of doing it that the visit was planned with; the usual one where none was
 * @param last the reading before it: what it was read with (a pack, a laboratory's methods) is the same until another is typed
 */
export function newDraft(method: Method, way?: string, last?: Record<string, unknown>): Draft {
  const variant = method.variants.find((one) => one.id === way) ?? method.variants[0];
  return {
    version: 1,
    variant: variant?.id ?? '',
    step: variant?.steps[0]?.id ?? '',
    values: { ...startValues(method.fields), ...readWith(method, last) },
    zeroAt: null,
    checks: {},
    corrects: null,
    reason: '',
    note: '',
    takenAt: null,
    mends: null,
    changedAt: '',
    ended: {},
    streams: [],
  };
}

function readWith(method: Method, last: Record<string, unknown> = {}): Values {
  const texts = method.fields.filter((field) => field.kind === 'text' && typeof last[field.key] === 'string');
  return Object.fromEntries(texts.map((field) => [field.key, last[field.key]]));
}

/** One that came back to be mended stands open where it was entered last. */
function begun(draft: Draft | null, method: Method): Draft | null {
  return draft && draft.step === '' ? { ...draft, step: lastEntry(draft, method)?.id ?? '' } : draft;
}

/** The draft in hand: on the device with every key, on the server soon after. */
export function useDraft(whole: WholeVisit, spotId: string, method: Method, person: string, repeat: number) {
  const visitId = whole.visit.id;
  const key = keyOf(visitId, spotId, method.id, repeat);
  const way = whole.visit.plan?.variants?.[method.id];
  const last = whole.readings.filter((one) => one.method === method.id).at(-1)?.reading;
  const [draft, setDraft] = useState<Draft>(
    () => begun(findDraft(whole, spotId, method.id, repeat), method) ?? newDraft(method, way, last),
  );
  const [full, setFull] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const unsent = useRef<Draft | null>(null);

  /** What is being typed is not sent any more: it counts, or is given up. */
  const hold = useCallback(() => {
    if (timer.current !== null) clearTimeout(timer.current);
    unsent.current = null;
  }, []);

  const send = useCallback(() => {
    const next = unsent.current;
    hold();
    if (next === null) return;
    const path = draftPath(visitId, spotId, method.id);
    const label = `${inSentence(method.name)}, being typed`;
    // Only a newer one of the same repeat takes the place of one that waits.
    void post(
      {
        person,
        path,
        body: { body: next, changedAt: next.changedAt, repeat, variant: next.variant || null },
        label,
      },
      { replaces: path },
    );
  }, [hold, visitId, spotId, method, person, repeat]);

  const keep = useCallback(
    (change: Partial<Draft>) => {
      setDraft((before) => {
        const next = { ...before, ...change, changedAt: nowIso() };
        void device.write(key, DRAFT_VERSION, next).then((kept) => setFull(!kept));
        hold();
        unsent.current = next;
        timer.current = setTimeout(send, SEND_AFTER_MS);
        return next;
      });
    },
    [key, hold, send],
  );

  const forget = useCallback(() => {
    hold();
    void device.remove(key);
    setDraft(newDraft(method, way, last));
  }, [key, hold, method, way, last]);

  // Whoever goes to another cell at once leaves nothing behind on this device alone.
  useEffect(() => send, [send]);
  return { draft, key, keep, hold, forget, full };
}

/** A reading that needs somebody, back on the bench as it was typed; counted again it keeps its parcel. */
export async function reopen(parcel: Parcel): Promise<void> {
  const body = parcel.body as ReadingBody;
  const draft: Draft = {
    version: 1,
    variant: body.variant ?? '',
    step: '',
    values: fromReading(body.reading),
    zeroAt: null,
    checks: {},
    corrects: body.corrects ?? null,
    reason: body.correctionReason ?? '',
    note: body.note ?? '',
    takenAt: body.takenAt,
    mends: parcel.id,
    changedAt: nowIso(),
    ended: {},
    streams: [],
  };
  await device.write(keyOf(body.visitId, placeOf(body), body.method, body.repeat ?? 1), DRAFT_VERSION, draft);
}
