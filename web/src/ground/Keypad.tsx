import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import { hand } from './hand';
import { otherUnit, pressed } from './keys';

type Field = {
  id: string;
  label: string;
  unit: string | null;
  value: string;
  onChange: (typed: string) => void;
};

type Pad = { at: string | null; take: (field: Field) => void; leave: (id: string) => void };

const Context = createContext<Pad | null>(null);

/** The keys of the field in hand, where fields stand on a bench and a thumb types; elsewhere the device's own keys. */
export function useKeypad(): Pad | null {
  return useContext(Context);
}

const byThumb = () => typeof matchMedia !== 'undefined' && matchMedia('(pointer: coarse)').matches;

export function Keypad({ children }: { children: ReactNode }) {
  const [field, setField] = useState<Field | null>(null);
  const pad = useMemo<Pad>(
    () => ({
      at: field?.id ?? null,
      take: setField,
      leave: (id) => setField((now) => (now?.id === id ? null : now)),
    }),
    [field?.id],
  );
  if (!byThumb()) return children;
  return (
    <Context.Provider value={pad}>
      {children}
      {field && (
        <>
          {/* What stands last on the bench can still be seen above the keys. */}
          <div className="h-72" />
          <Keys field={field} />
        </>
      )}
    </Context.Provider>
  );
}

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', 'back'];
const SAID: Record<string, string> = {
  back: 'Take the last sign back',
  '.': 'Point',
  '−': 'Minus',
  ':': 'Minutes and seconds',
};

function Keys({ field }: { field: Field }) {
  const other = otherUnit(field.unit);
  const side = [
    '½',
    '¼',
    '¾',
    '/',
    field.unit === '°C' ? '−' : field.unit === 's' || field.unit === 'min' ? ':' : ' ',
    ...(other ? [other] : []),
  ];
  const left = hand() === 'left';

  /** The next field of the bench, in the order read. */
  function next() {
    const all = [...document.querySelectorAll<HTMLElement>('.bench input.num')];
    const at = all.findIndex((one) => one.id === field.id);
    const to = all[at + 1];
    if (to) to.focus();
    else (document.activeElement as HTMLElement | null)?.blur();
  }

  const key = (one: string, extra = '') => (
    <button
      key={one}
      type="button"
      tabIndex={-1}
      aria-label={SAID[one] ?? (one === ' ' ? 'Space' : one)}
      className={`num flex min-h-14 items-center justify-center rounded-[10px] border-[1.5px] border-edge text-2xl ${extra}`}
      onClick={() => field.onChange(pressed(field.value, one))}
    >
      {one === 'back' ? '⌫' : one === ' ' ? '␣' : one}
    </button>
  );
  return (
    <div
      role="group"
      aria-label={`Keys for ${field.label}`}
      className="fixed inset-x-0 bottom-0 z-30 border-t-2 border-ink bg-paper p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]"
      // The field keeps the focus while its keys are pressed.
      onPointerDown={(event) => event.preventDefault()}
      onMouseDown={(event) => event.preventDefault()}
    >
      <p className="flex items-baseline gap-3 px-1 pb-1">
        <span className="min-w-0 flex-1 truncate">{field.label}</span>
        <span className="num text-xl font-semibold">{field.value || '–'}</span>
        <span className="text-faded">{field.unit !== 'share' && field.unit}</span>
      </p>
      <div className={`flex gap-2 ${left ? 'flex-row-reverse' : ''}`}>
        <div className="grid w-16 content-start gap-1.5">
          {side.map((one) => key(one, 'min-h-11! text-lg! text-faded'))}
        </div>
        <div className="grid flex-1 grid-cols-3 gap-1.5">
          {DIGITS.map((one) => key(one))}
          <button
            type="button"
            tabIndex={-1}
            className="button button-main col-span-3 min-h-14"
            onClick={next}
          >
            Next
          </button>
        </div>
      </div>
    </div>
  );
}
