import type { MethodDrawing } from './index';

const CRUMB = 'M-9 -3 -2 -9 7 -7 10 1 4 9 -6 8Z';

function Dish({ children }: { children: React.ReactNode }) {
  return (
    <>
      <ellipse
        cx="180"
        cy="72"
        rx="168"
        ry="56"
        fill="var(--water)"
        fillOpacity="0.22"
        stroke="var(--water)"
        strokeWidth="1.6"
      />
      {children}
    </>
  );
}

function Fallen({ x, y, part = 1 }: { x: number; y: number; part?: number }) {
  const grains = [
    [-16, 4],
    [-9, 9],
    [-2, 11],
    [6, 10],
    [14, 6],
    [-12, -2],
    [11, -1],
    [0, 5],
    [-6, 3],
    [7, 3],
  ];
  return (
    <g transform={`translate(${x} ${y})`}>
      {part < 1 && <path d={CRUMB} transform="translate(0 -4) scale(.62)" fill="var(--root)" />}
      {grains.map(([gx, gy]) => (
        <circle key={`${gx} ${gy}`} cx={gx} cy={gy} r="2.6" fill="var(--root)" />
      ))}
    </g>
  );
}

function Whole({ x, y }: { x: number; y: number }) {
  return <path d={CRUMB} transform={`translate(${x} ${y}) scale(1.25)`} fill="var(--root)" />;
}

const PLACES: [number, number][] = [
  [82, 66],
  [136, 92],
  [180, 56],
  [228, 90],
  [278, 64],
];

function StepDrawing({ step, values }: { step: string; values: { [key: string]: unknown } }) {
  const crumbs = (values.crumbs as { fellAt?: string; stone?: boolean }[] | undefined) ?? [];
  const swirl = step === 'note-swirl-gently' || step === 'swirl-strongly';
  return (
    <svg
      viewBox="0 0 360 140"
      className="w-full"
      role="img"
      aria-label="Crumbs in a shallow dish of rain water"
    >
      <Dish>
        {PLACES.map(([x, y], i) => {
          const crumb = crumbs[i];
          const fell = crumb?.fellAt !== undefined && crumb.fellAt !== 'never';
          return fell ? <Fallen key={x} x={x} y={y} /> : <Whole key={x} x={x} y={y} />;
        })}
        {swirl && (
          <path
            d={
              step === 'swirl-strongly'
                ? 'M60 122a150 40 0 0 0 240 0M296 132l5 -11 -12 -1'
                : 'M120 126a110 22 0 0 0 120 0M236 134l5 -9 -10 -1'
            }
            fill="none"
            stroke="var(--act)"
            strokeWidth="2.4"
            strokeLinecap="round"
          />
        )}
        {step === 'press-stones-enter' && (
          <g fill="none" stroke="var(--ink)" strokeWidth="2.2" strokeLinecap="round">
            <path d="M150 10C164 20 170 32 172 44M214 8C202 18 194 30 190 44" />
            <path d="M166 44h28" strokeDasharray="2 5" />
          </g>
        )}
      </Dish>
    </svg>
  );
}

function OptionDrawing({ field, word }: { field: string; word: string }) {
  if (field !== 'fellAt') return null;
  return (
    <svg width="72" height="44" viewBox="0 0 72 44" aria-hidden="true">
      <ellipse cx="36" cy="24" rx="33" ry="17" fill="var(--water)" fillOpacity="0.22" />
      {word === 'never' ? (
        <Whole x={36} y={22} />
      ) : (
        <Fallen x={36} y={20} part={word === 'still' ? 1 : 0.5} />
      )}
      {(word === 'gentle' || word === 'strong') && (
        <path
          d={word === 'strong' ? 'M6 26a30 14 0 0 0 60 0' : 'M22 36a26 8 0 0 0 28 0'}
          fill="none"
          stroke="var(--act)"
          strokeWidth="2"
          strokeLinecap="round"
        />
      )}
    </svg>
  );
}

export default { method: 'slaking', StepDrawing, OptionDrawing } satisfies MethodDrawing;
