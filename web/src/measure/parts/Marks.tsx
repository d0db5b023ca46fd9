import { Across } from '../../ground/Axis';
import { dragged } from '../../ground/dragged';
import { show } from '../../ground/format';
import { NumberField } from '../../ground/NumberField';
import { scale } from '../../ground/scale';
import { parse } from '../../ground/units';
import { isEmpty } from '../draft';
import type { TogetherProps } from './grouped';
import { JarOnPicture } from './JarOnPicture';

const TALL = 260;
const USUAL_MM = 160;
const TONES: Record<string, string> = {
  sandTopMm: 'var(--soil-top)',
  siltTopMm: 'var(--soil-mid)',
  clayTopMm: 'var(--root)',
};

const mm = (typed: unknown): number | null => {
  const read = isEmpty(typed) ? null : parse(String(typed), 'mm');
  return read?.ok ? read.value : null;
};

/** Lines dragged on a jar to scale, from the table up; each figure can be typed as well. */
export function Marks(props: TogetherProps) {
  const { method, fields, path, values, onChange, errorAt } = props;
  const inOrder = method.fields.filter((field) => field.part === 'marks');
  const heights = inOrder.map((field) => ({ field, mm: mm(values[field.key]) }));
  const tallest = Math.max(USUAL_MM, ...heights.map((one) => one.mm ?? 0));
  const y = scale([0, tallest * 1.1], [TALL + 16, 16], undefined, 'mm');
  const water = mm(values.waterHeightMm);
  const base = mm(values.baseMm) ?? 0;
  return (
    <>
      <div className="grid grid-cols-[minmax(0,11rem)_1fr] gap-5">
        <svg
          viewBox={`0 0 200 ${TALL + 30}`}
          className="w-full select-none"
          aria-label="The jar, heights from the table in mm"
        >
          <Across scale={y} from={40} to={170} />
          {water !== null && (
            <rect
              x="56"
              y={y(water + base)}
              width="96"
              height={Math.max(0, y(base) - y(water + base))}
              fill="var(--water)"
              opacity="0.25"
            />
          )}
          <Settled heights={heights} base={base} y={y} />
          <path d={`M54 20V${y(0)}H154V20`} fill="none" stroke="var(--ink)" strokeWidth="2.4" />
          {heights
            .filter(({ field }) => fields.includes(field))
            .map(({ field, mm: at }, i) => {
              // A mark that nobody has set waits at the brim.
              const shown = (at ?? tallest * (0.5 + 0.12 * i)) + (field.key === 'waterHeightMm' ? base : 0);
              const own = (page: number) => page - (field.key === 'waterHeightMm' ? base : 0);
              return (
                <g
                  key={field.key}
                  {...dragged({
                    at: (_, py) => own(((TALL + 16 - py) / TALL) * y.domain[1]),
                    value: own(shown),
                    min: 0,
                    max: 5000,
                    step: 1,
                    onMove: (to) => onChange({ [field.key]: show(to, 0) }),
                  })}
                  aria-label={`${field.label}, mm`}
                >
                  <path
                    d={`M48 ${y(shown)}H172`}
                    stroke="var(--act)"
                    strokeWidth="2.4"
                    strokeDasharray={at === null ? '5 5' : undefined}
                  />
                  <circle cx="180" cy={y(shown)} r="22" fill="transparent" />
                  <circle cx="180" cy={y(shown)} r="12" fill="var(--act)" />
                </g>
              );
            })}
          <path d={`M30 ${y(0)}H196`} stroke="var(--ink)" strokeWidth="2.4" />
        </svg>
        <div className="grid content-start gap-4">
          {fields.map((field) => (
            <NumberField
              key={field.key}
              label={field.label}
              unit={field.unit}
              value={String(values[field.key] ?? '')}
              onChange={(typed) => onChange({ [field.key]: typed })}
              error={errorAt(`${path}/${field.key}`)}
              hint={field.hint}
              big
            />
          ))}
        </div>
      </div>
      <JarOnPicture {...props} />
    </>
  );
}

type Height = { field: TogetherProps['fields'][number]; mm: number | null };

/** What has settled, from the bottom up, as far as it is marked. */
function Settled({ heights, base, y }: { heights: Height[]; base: number; y: (mm: number) => number }) {
  let from = base;
  return ['sandTopMm', 'siltTopMm', 'clayTopMm'].map((key) => {
    const top = heights.find((one) => one.field.key === key)?.mm ?? null;
    if (top === null || top <= from) return null;
    const layer = <rect key={key} x="56" y={y(top)} width="96" height={y(from) - y(top)} fill={TONES[key]} />;
    from = top;
    return layer;
  });
}
