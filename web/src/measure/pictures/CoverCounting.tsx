import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { sentence } from '../../api/problem';
import { askAboutPicture } from '../../device/core';
import { answered } from '../../device/withoutSignal';
import { Fault } from '../../ground/Fault';
import { show } from '../../ground/format';
import { type At, Mark } from './OnPicture';
import { pictureOf, type Shown, usePictureUrl } from './usePictures';

type Kind = 'bare' | 'litter' | 'stone';
export type Counted = {
  live: number;
  litter: number | null;
  stone: number | null;
  bare: number | null;
  greenLimit: number;
  why: string[];
  mask: { width: number; height: number; kinds: string };
};

const KINDS: { kind: Kind; name: string }[] = [
  { kind: 'bare', name: 'bare soil' },
  { kind: 'litter', name: 'litter' },
  { kind: 'stone', name: 'stone' },
];
const RESTED_MS = 150;
const INSIDE: At[] = [
  [0.1, 0.1],
  [0.9, 0.1],
  [0.9, 0.9],
  [0.1, 0.9],
];

/** By how the core numbers them: left out, living, bare, litter, stone, the rest. */
const LAID_OVER: [r: number, g: number, b: number, a: number][] = [
  [247, 244, 234, 208],
  [63, 143, 47, 176],
  [160, 90, 44, 176],
  [224, 184, 74, 176],
  [111, 127, 149, 176],
  [0, 0, 0, 0],
];
const WHY: Record<string, string> = {
  'frost-or-crust': 'Much of it is white: frost, or a crust of salt, is counted as what is tapped nearest.',
  shadow: 'Much of it lies in deep shadow: take it again in even light.',
};

/** What covers the ground, counted on a picture: a proposal with what was counted laid over it, moved by hand. */
export function CoverCounting({ shown, onTake }: { shown: Shown; onTake: (counted: Counted) => void }) {
  const url = usePictureUrl(shown, false);
  const over = useRef<HTMLCanvasElement>(null);
  const [taps, setTaps] = useState<Record<Kind, At[]>>({ bare: [], litter: [], stone: [] });
  const [kind, setKind] = useState<Kind>('bare');
  const [limit, setLimit] = useState<number | null>(null);
  const [counted, setCounted] = useState<Counted | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [veiled, setVeiled] = useState(true);
  const [region, setRegion] = useState<At[] | null>(null);
  const [aspect, setAspect] = useState(1);

  useEffect(() => {
    let gone = false;
    const asked = { region, greenLimit: limit, taps: taps.bare.length > 0 ? taps : null };
    // A corner that is being dragged is counted where it rests.
    const timer = setTimeout(() => {
      count(shown, asked)
        .then((answer) => {
          if (gone) return;
          setCounted(answer);
          setFault(null);
        })
        .catch((problem) => {
          if (!gone) setFault(sentence(problem));
        });
    }, RESTED_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [shown, limit, taps, region]);

  useEffect(() => {
    if (over.current && counted) lay(over.current, counted.mask);
  }, [counted]);

  function tap(event: PointerEvent<HTMLButtonElement>) {
    const box = event.currentTarget.getBoundingClientRect();
    const at: At = [
      Math.min(1, Math.max(0, (event.clientX - box.left) / box.width)),
      Math.min(1, Math.max(0, (event.clientY - box.top) / box.height)),
    ];
    setTaps((before) => ({ ...before, [kind]: [...before[kind], at] }));
  }

  return (
    <div className="grid gap-3">
      <div className="relative max-w-xl">
        {url && (
          <img
            src={url}
            alt="The ground from above"
            className="w-full"
            onLoad={(event) =>
              setAspect(event.currentTarget.naturalHeight / event.currentTarget.naturalWidth)
            }
          />
        )}
        <canvas
          ref={over}
          className={`pointer-events-none absolute inset-0 size-full ${veiled ? '' : 'invisible'}`}
          aria-hidden="true"
        />
        <button
          type="button"
          className="absolute inset-0 cursor-crosshair"
          aria-label={`Tap ${KINDS.find((one) => one.kind === kind)?.name} on the picture`}
          onPointerDown={tap}
        />
        {region && <Corners region={region} high={1000 * aspect} onMove={setRegion} />}
        {KINDS.flatMap(({ kind: of, name }) =>
          taps[of].map(([x, y]) => (
            <span
              key={`${of} ${x} ${y}`}
              className="pointer-events-none absolute size-4 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white bg-ink"
              style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
              title={name}
            />
          )),
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1" role="group" aria-label="What is tapped">
        {KINDS.map(({ kind: of, name }) => (
          <button
            type="button"
            key={of}
            aria-pressed={of === kind}
            disabled={of !== 'bare' && taps.bare.length === 0}
            className={`min-h-12 border-b-2 font-medium disabled:text-faded ${of === kind ? 'border-act' : 'border-transparent'}`}
            onClick={() => setKind(of)}
          >
            tap {name}
            {taps[of].length > 0 && ` (${taps[of].length})`}
          </button>
        ))}
        <button type="button" className="link min-h-12" onClick={() => setVeiled(!veiled)}>
          {veiled ? 'only the picture' : 'what was counted'}
        </button>
        <button
          type="button"
          className="link min-h-12"
          onClick={() => setRegion(region === null ? INSIDE : null)}
        >
          {region === null ? 'leave out the edges' : 'count all of it'}
        </button>
        {taps.bare.length > 0 && (
          <button
            type="button"
            className="link min-h-12"
            onClick={() => {
              setTaps({ bare: [], litter: [], stone: [] });
              setKind('bare');
            }}
          >
            begin again
          </button>
        )}
      </div>
      {counted && (
        <>
          <label className="grid max-w-xl gap-1">
            <span className="text-base">
              Green from <span className="num">{show(counted.greenLimit, 2)}</span>
              {limit === null ? ', as found' : ', as moved'}
            </span>
            <input
              type="range"
              className="h-11 accent-act"
              min={-0.1}
              max={0.6}
              step={0.01}
              value={limit ?? counted.greenLimit}
              onChange={(event) => setLimit(Number(event.target.value))}
            />
          </label>
          <p className="text-xl" role="status">
            <span className="num">{show(counted.live, 0)}</span> % living
            {counted.bare === null ? (
              '. Tap bare soil first, then litter and stone where there are any.'
            ) : (
              <>
                , <span className="num">{show(counted.litter, 0)}</span> % litter,{' '}
                <span className="num">{show(counted.stone, 0)}</span> % stone,{' '}
                <span className="num">{show(counted.bare, 0)}</span> % bare
              </>
            )}
          </p>
          {counted.why.map((one) => (
            <p key={one} className="text-warn">
              {WHY[one] ?? one}
            </p>
          ))}
          <p className="text-sm text-faded">
            Purple, yellow and dull leaves are missed: move the limit, or enter by hand.
          </p>
          {counted.bare !== null && (
            <button type="button" className="button justify-self-start" onClick={() => onTake(counted)}>
              Take these shares
            </button>
          )}
        </>
      )}
      <Fault text={fault} />
    </div>
  );
}

/** The part that is counted, by its corners: boots, a shadow, the quadrat's frame stay out. */
function Corners({ region, high, onMove }: { region: At[]; high: number; onMove: (to: At[]) => void }) {
  return (
    <svg
      viewBox={`0 0 1000 ${high}`}
      className="pointer-events-none absolute inset-0 size-full"
      aria-label="What is counted"
    >
      <path
        d={`M${region.map(([x, y]) => `${x * 1000} ${y * high}`).join('L')}Z`}
        fill="none"
        stroke="var(--paper)"
        strokeWidth="8"
      />
      <path
        d={`M${region.map(([x, y]) => `${x * 1000} ${y * high}`).join('L')}Z`}
        fill="none"
        stroke="var(--act)"
        strokeWidth="4"
      />
      <g className="pointer-events-auto">
        {region.map((at, i) => (
          <Mark
            key={i}
            at={at}
            label={`Corner ${i + 1} of what is counted`}
            high={high}
            onMove={(to) => onMove(region.map((one, n) => (n === i ? to : one)))}
          >
            <circle r="40" fill="transparent" />
            <circle r="18" fill="var(--act)" stroke="var(--on-act)" strokeWidth="4" />
          </Mark>
        ))}
      </g>
    </svg>
  );
}

/** By the core on this device, with a signal and without. */
async function count(shown: Shown, asked: unknown): Promise<Counted> {
  const picture = await createImageBitmap(await pictureOf(shown));
  return answered(await askAboutPicture('cover', picture, asked)) as Counted;
}

function lay(canvas: HTMLCanvasElement, mask: Counted['mask']): void {
  canvas.width = mask.width;
  canvas.height = mask.height;
  const pen = canvas.getContext('2d');
  if (!pen) return;
  const image = pen.createImageData(mask.width, mask.height);
  for (let i = 0; i < mask.kinds.length; i++) {
    image.data.set(LAID_OVER[mask.kinds.charCodeAt(i) - 48] ?? [0, 0, 0, 0], i * 4);
  }
  pen.putImageData(image, 0, 0);
}
