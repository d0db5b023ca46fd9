import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { Across, Along } from '../../ground/Axis';
import { show } from '../../ground/format';
import { scale } from '../../ground/scale';
import { type Knot, oneMore, put, stepOf } from './yardstick';

type Props = {
  name: string;
  along: string;
  knots: Knot[];
  /** As it was before: drawn thin beneath. */
  before: Knot[];
  xs: number[];
  mayWrite: boolean;
  onChange: (knots: Knot[]) => void;
  errorAt: (path: string) => string | undefined;
};

const LEFT = 48;
const RIGHT = 700;
const TOP = 16;
const BOTTOM = 300;

/** A score curve in hand: its knots move by drag, by arrow keys and by figures; the practice's readings lie beneath. */
export function CurveEditor({ name, along, knots, before, xs, mayWrite, onChange, errorAt }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  const all = [...knots.map(([x]) => x), ...before.map(([x]) => x), ...xs];
  // The axis stays while a knot is in hand, so that it does not run away under the finger.
  const [frame, setFrame] = useState<[number, number] | null>(null);
  const least = Math.min(...all);
  const most = Math.max(...all);
  const pad = (most - least) * 0.05 || 1;
  const [from, to] = frame ?? [least - pad, most + pad];
  const y = scale([0, 100], [BOTTOM, TOP], 25);
  const step = stepOf(from, to);
  const x = scale([from, to], [LEFT, RIGHT], step * 20);

  function toPlace(event: PointerEvent): Knot {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return [0, 0];
    const px = ((event.clientX - box.left) / box.width) * (RIGHT + 20);
    const py = ((event.clientY - box.top) / box.height) * (BOTTOM + 62);
    const value = from + ((px - LEFT) / (RIGHT - LEFT)) * (to - from);
    const score = ((BOTTOM - py) / (BOTTOM - TOP)) * 100;
    return [Math.round(value / step) * step, Math.round(score)];
  }

  function drag(event: PointerEvent) {
    if (held === null) return;
    const [value, score] = toPlace(event);
    onChange(put(knots, held, clean(value), score, step));
  }

  function key(event: KeyboardEvent, i: number) {
    const [a, b] = knots[i] ?? [0, 0];
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
      event.key
    ];
    if (!by) return;
    event.preventDefault();
    onChange(put(knots, i, clean(a + (by[0] ?? 0)), b + (by[1] ?? 0), step));
  }

  const line = (of: Knot[]) =>
    [[from, of[0]?.[1] ?? 0] as Knot, ...of, [to, of.at(-1)?.[1] ?? 0] as Knot]
      .map(([a, b]) => `${x(Math.max(from, Math.min(to, a)))} ${y(b)}`)
      .join('L');
  return (
    <div className="grid gap-x-10 gap-y-4 wide:grid-cols-[minmax(0,1fr)_20rem]">
      <figure>
        <svg
          ref={svg}
          viewBox={`0 0 ${RIGHT + 20} ${BOTTOM + 62}`}
          className="w-full touch-none"
          role="group"
          aria-label={`Score of ${name} by ${along}`}
          onPointerMove={drag}
          onPointerUp={() => {
            setHeld(null);
            setFrame(null);
          }}
        >
          <Across scale={y} from={LEFT} to={RIGHT} />
          <Along scale={x} y={BOTTOM + 40} />
          {xs.map((at, i) => (
            // Readings have no name here: their place is all there is of them.
            <path
              key={i}
              d={`M${x(at)} ${BOTTOM + 6}v12`}
              stroke="var(--ink)"
              strokeWidth="1.2"
              opacity="0.45"
            />
          ))}
          <path
            d={`M${line(before)}`}
            fill="none"
            stroke="var(--edge)"
            strokeWidth="1.4"
            strokeDasharray="4 4"
          />
          <path d={`M${line(knots)}`} fill="none" stroke="var(--ink)" strokeWidth="2.4" />
          {knots.map(([a, b], i) => (
            <circle
              key={i}
              cx={x(a)}
              cy={y(b)}
              r="9"
              fill={held === i ? 'var(--act)' : 'var(--paper)'}
              stroke="var(--act)"
              strokeWidth="2.4"
              tabIndex={mayWrite ? 0 : -1}
              role="slider"
              aria-label={`Knot ${i + 1}`}
              aria-valuenow={b}
              aria-valuemin={0}
              aria-valuemax={100}
              aria-valuetext={`score ${show(b, 0)} at ${show(a, 2)}`}
              className={mayWrite ? 'cursor-grab' : ''}
              onKeyDown={(event) => mayWrite && key(event, i)}
              onPointerDown={(event) => {
                if (!mayWrite) return;
                setFrame([from, to]);
                setHeld(i);
                svg.current?.setPointerCapture(event.pointerId);
              }}
            />
          ))}
          <text x={(LEFT + RIGHT) / 2} y={BOTTOM + 58} textAnchor="middle" fontSize="13" fill="var(--faded)">
            {along}
          </text>
        </svg>
        <figcaption className="text-sm text-faded">
          {xs.length === 0
            ? 'No reading of this practice lies on this curve yet.'
            : `Each stroke beneath is one of ${xs.length} readings of this practice. Dashed: as it was.`}
        </figcaption>
      </figure>
      <Figures {...{ along, knots, mayWrite, onChange, errorAt, step }} />
    </div>
  );
}

type FiguresProps = Pick<Props, 'along' | 'knots' | 'mayWrite' | 'onChange' | 'errorAt'> & { step: number };

/** The same knots as figures. */
function Figures({ along, knots, mayWrite, onChange, errorAt, step }: FiguresProps) {
  const typed = (i: number, part: 0 | 1, text: string) => {
    const value = Number(text.replace(',', '.'));
    if (text.trim() === '' || !Number.isFinite(value)) return;
    onChange(knots.map((one, at) => (at === i ? (part === 0 ? [value, one[1]] : [one[0], value]) : one)));
  };
  return (
    <table className="w-full self-start">
      <thead>
        <tr className="text-left text-sm text-faded">
          <th className="pb-1 font-normal">{along}</th>
          <th className="pb-1 font-normal">score</th>
          <th className="sr-only">take out</th>
        </tr>
      </thead>
      <tbody>
        {knots.map(([a, b], i) => (
          <tr key={i} className="border-t border-rule align-top">
            <td className="py-1 pr-2">
              <Figure
                label={`Knot ${i + 1}, ${along}`}
                value={a}
                disabled={!mayWrite}
                onType={(text) => typed(i, 0, text)}
              />
              <Fault text={errorAt(`/${i}`) ?? errorAt(`/${i}/0`)} />
            </td>
            <td className="py-1 pr-2">
              <Figure
                label={`Knot ${i + 1}, score`}
                value={b}
                disabled={!mayWrite}
                onType={(text) => typed(i, 1, text)}
              />
              <Fault text={errorAt(`/${i}/1`)} />
            </td>
            <td className="py-1">
              {mayWrite && knots.length > 2 && (
                <button
                  type="button"
                  className="link min-h-11"
                  aria-label={`Take knot ${i + 1} out`}
                  onClick={() => onChange(knots.filter((_, at) => at !== i))}
                >
                  out
                </button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
      {mayWrite && knots.length < 20 && (
        <tfoot>
          <tr>
            <td colSpan={3}>
              <button
                type="button"
                className="link min-h-11"
                onClick={() =>
                  onChange(
                    oneMore(knots).map(([a, b]) => [clean(Math.round(a / step) * step), Math.round(b)]),
                  )
                }
              >
                One more knot
              </button>
            </td>
          </tr>
        </tfoot>
      )}
    </table>
  );
}

function Figure(props: { label: string; value: number; disabled: boolean; onType: (text: string) => void }) {
  const [typing, setTyping] = useState<string | null>(null);
  return (
    <input
      className="num w-full"
      inputMode="decimal"
      aria-label={props.label}
      disabled={props.disabled}
      value={typing ?? String(props.value)}
      onChange={(event) => {
        setTyping(event.target.value);
        props.onType(event.target.value);
      }}
      onBlur={() => setTyping(null)}
    />
  );
}

function Fault({ text }: { text: string | undefined }) {
  return text ? <p className="text-sm text-warn">{text}</p> : null;
}

/** Without the dust of binary fractions. */
function clean(value: number): number {
  return Number(value.toPrecision(10));
}
