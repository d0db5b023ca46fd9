import type { MethodField } from '../../api/types';
import { Across, Along } from '../../ground/Axis';
import { figure, myUnit } from '../../ground/myUnits';
import { depthScale, scale } from '../../ground/scale';
import { parse } from '../../ground/units';
import { isEmpty, type Values } from '../draft';
import type { EntryProps } from '../entry';
import { FieldEntry } from '../FieldEntry';

const TALL = 220;
const TOP = 26;
const DEPTHS = [2.5, 5, 7.5, 12.5, 15, 20, 30];

/** What the ruler runs from and to, where the method's own range is far wider than soils are. */
const SPANS: Record<string, [number, number]> = { pH: [4, 9], '°C': [0, 40] };

type Point = { depthCm: number; value: number | null };

/** The points typed so far, from the surface down. */
export function points(rows: Values[], measured: MethodField): Point[] {
  const read = (typed: unknown, unit: string | null) => {
    const figure = isEmpty(typed) ? null : parse(String(typed), unit);
    return figure?.ok ? figure.value : null;
  };
  return rows
    .flatMap((row) => {
      const depthCm = read(row.depthCm, 'cm');
      return depthCm === null ? [] : [{ depthCm, value: read(row[measured.key], measured.unit) }];
    })
    .sort((a, b) => a.depthCm - b.depthCm);
}

/** A row for a depth that was tapped: an empty one first, read as the one before. */
export function withDepth(rows: Values[], depthCm: number, fields: MethodField[]): Values[] {
  const asBefore = fields
    .filter((field) => field.kind === 'choice' && field.key !== 'cover')
    .map((field) => [field.key, rows.findLast((row) => !isEmpty(row[field.key]))?.[field.key]] as const)
    .filter(([, word]) => word !== undefined);
  const row = { ...Object.fromEntries(asBefore), depthCm: String(depthCm) };
  const open = rows.findIndex((one) => isEmpty(one.depthCm));
  return open < 0
    ? [...rows, row]
    : rows.map((one, i) => (i === open ? { ...row, ...one, depthCm: row.depthCm } : one));
}

/** Values by depth: a depth is tapped, its value typed or taken from the probe, the line drawn down the ruler. */
export function Profile(props: EntryProps) {
  const { field, path, value, onChange, errorAt } = props;
  const rows = (value as Values[] | undefined) ?? [];
  const measured = field.fields.find((inner) => inner.kind === 'number' && inner.key !== 'depthCm');
  if (!measured) return null;
  const seen = points(rows, measured);
  const set = (i: number, key: string, to: unknown) =>
    onChange(rows.map((row, at) => (at === i ? { ...row, [key]: to } : row)));
  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">{field.label}</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      <div className="flex flex-wrap gap-2" role="group" aria-label="A depth more">
        {DEPTHS.map((depth) => (
          <button
            key={depth}
            type="button"
            className="button min-w-0 px-3"
            onClick={() => onChange(withDepth(rows, depth, field.fields))}
          >
            {figure(depth, 'cm')}
          </button>
        ))}
      </div>
      <Line seen={seen} measured={measured} />
      {rows.map((row, i) => (
        <fieldset key={i} className="grid gap-3 border-t border-rule pt-3">
          <legend className="sr-only">
            {field.label} {i + 1}
          </legend>
          <div className="grid grid-cols-2 items-start gap-3">
            {field.fields
              .filter((inner) => inner.kind === 'number')
              .map((inner) => (
                <FieldEntry
                  {...props}
                  inRow
                  key={inner.key}
                  field={inner}
                  path={`${path}/${i}/${inner.key}`}
                  value={row[inner.key]}
                  onChange={(to) => set(i, inner.key, to)}
                />
              ))}
          </div>
          {field.fields
            .filter((inner) => inner.kind !== 'number')
            .map((inner) => (
              <FieldEntry
                {...props}
                inRow
                key={inner.key}
                field={inner}
                path={`${path}/${i}/${inner.key}`}
                value={row[inner.key]}
                onChange={(to) => set(i, inner.key, to)}
              />
            ))}
          <button
            type="button"
            className="link min-h-11 justify-self-start"
            aria-label={`Take out ${field.label.toLowerCase()} ${i + 1}`}
            onClick={() => onChange(rows.filter((_, at) => at !== i))}
          >
            take it out
          </button>
        </fieldset>
      ))}
      <button type="button" className="button justify-self-start" onClick={() => onChange([...rows, {}])}>
        One depth more
      </button>
    </fieldset>
  );
}

function Line({ seen, measured }: { seen: Point[]; measured: MethodField }) {
  const read = seen.flatMap((one) =>
    one.value === null ? [] : [{ depthCm: one.depthCm, value: one.value }],
  );
  if (read.length === 0) return null;
  const [from, to] = SPANS[measured.unit ?? ''] ?? [0, 1];
  const x = scale(
    [Math.min(from, ...read.map((one) => one.value)), Math.max(to, ...read.map((one) => one.value))],
    [46, 340],
  );
  const y = depthScale(Math.max(...read.map((one) => one.depthCm)), TALL - TOP, TOP);
  return (
    <svg
      viewBox={`0 0 360 ${TALL + 16}`}
      className="w-full max-w-md"
      role="img"
      aria-label={read
        .map((one) => `${figure(one.value, measured.unit ?? null)} at ${figure(one.depthCm, 'cm')}`)
        .join(', ')}
    >
      <Across scale={y} from={46} to={340} />
      <Along scale={x} y={14} />
      <path d="M46 26H340" stroke="var(--ink)" strokeWidth="2.4" />
      <path
        d={read.map((one, i) => `${i === 0 ? 'M' : 'L'}${x(one.value)} ${y(one.depthCm)}`).join('')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      {read.map((one, i) => (
        <circle key={i} cx={x(one.value)} cy={y(one.depthCm)} r="5" fill="var(--ink)" />
      ))}
      <text x="340" y={TALL + 12} fontSize="12.5" textAnchor="end" fill="var(--faded)">
        {myUnit(measured.unit ?? null)} across, {myUnit('cm')} down
      </text>
    </svg>
  );
}
