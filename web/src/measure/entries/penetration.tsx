import { Choice } from '../../ground/Choice';
import { sayMine } from '../../ground/myUnits';
import { NumberField } from '../../ground/NumberField';
import { Scrollable } from '../../ground/Scrollable';
import type { Values } from '../draft';
import { type EntryProps, optionsOf } from '../entry';
import type { MethodEntry } from './index';

const STEP_CM = 7.5;
const DEPTHS = Array.from({ length: 8 }, (_, i) => (i + 1) * STEP_CM);

/** The cone's pushes as a grid: depth downward, a column for each push. An empty cell was not read. */
function Probes({ method, field, path, value, onChange, errorAt, draft }: EntryProps) {
  const probes = (value as Values[] | undefined) ?? [];
  const rod = draft.values.cone === 'rod';
  const points = (probe: Values) => (probe.points as Values[] | undefined) ?? [];
  const read = probes.flatMap((probe) => points(probe).map((point) => Number(point.depthCm)));
  const depths = [
    ...new Set([...DEPTHS, ...read.filter((depth) => Number.isFinite(depth) && depth > 0)]),
  ].sort((a, b) => a - b);
  const felt = field.fields
    .find((inner) => inner.key === 'points')
    ?.fields.find((inner) => inner.key === 'felt');
  const stoppedBy = field.fields.find((inner) => inner.key === 'stoppedBy');

  function setProbe(i: number, change: Values) {
    onChange(probes.map((probe, at) => (at === i ? { ...probe, ...change } : probe)));
  }

  /** Points are kept in order of depth, and an emptied cell is no point. */
  function setPoint(i: number, depth: number, typed: string) {
    const others = points(probes[i] ?? {}).filter(
      (point) => Number(point.depthCm) !== depth && point.depthCm !== undefined,
    );
    const key = rod ? 'felt' : 'kPa';
    const next = typed === '' ? others : [...others, { depthCm: String(depth), [key]: typed }];
    setProbe(i, { points: next.sort((a, b) => Number(a.depthCm) - Number(b.depthCm)) });
  }

  const at = (probe: Values, depth: number) => points(probe).find((point) => Number(point.depthCm) === depth);
  const errorOf = (i: number, depth: number) => {
    const index = points(probes[i] ?? {}).findIndex((point) => Number(point.depthCm) === depth);
    return index < 0
      ? undefined
      : (errorAt(`${path}/${i}/points/${index}/kPa`) ??
          errorAt(`${path}/${i}/points/${index}/felt`) ??
          errorAt(`${path}/${i}/points/${index}/depthCm`));
  };

  return (
    <fieldset className="grid gap-3">
      <legend className="font-medium">{rod ? 'How the rod goes in' : 'Readings, kPa'}</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      <Scrollable label="Readings by depth and push">
        <table className="w-full">
          <thead>
            <tr>
              <th scope="col" className="pr-2 text-left text-sm font-normal text-faded">
                depth, cm
              </th>
              {probes.map((_, i) => (
                <th key={i} scope="col" className="min-w-24 px-1 text-left">
                  {i + 1}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {depths.map((depth) => (
              <tr key={depth} className="align-top">
                <th scope="row" className="num pt-3.5 pr-2 text-right font-normal">
                  {depth}
                </th>
                {probes.map((probe, i) => (
                  <td key={i} className="p-1">
                    {rod && felt ? (
                      <select
                        className="min-h-14 w-full"
                        aria-label={sayMine(`Push ${i + 1} at ${depth} cm`)}
                        value={String(at(probe, depth)?.felt ?? '')}
                        onChange={(event) => setPoint(i, depth, event.target.value)}
                      >
                        <option value="">–</option>
                        {felt.options.map((option) => (
                          <option key={option.word} value={option.word}>
                            {option.label}
                          </option>
                        ))}
                      </select>
                    ) : (
                      <NumberField
                        hideLabel
                        label={sayMine(`Push ${i + 1} at ${depth} cm`)}
                        unit="kPa"
                        value={String(at(probe, depth)?.kPa ?? '')}
                        onChange={(typed) => setPoint(i, depth, typed)}
                        error={errorOf(i, depth)}
                      />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Scrollable>
      <div className="flex flex-wrap gap-3">
        <button type="button" className="button" onClick={() => onChange([...probes, { points: [] }])}>
          One push more
        </button>
        {probes.length > 1 && (
          <button type="button" className="button" onClick={() => onChange(probes.slice(0, -1))}>
            Take out the last
          </button>
        )}
      </div>
      {stoppedBy &&
        probes.map((probe, i) => (
          <details key={i} open={probe.stoppedBy !== undefined || undefined}>
            <summary className="link flex min-h-11 cursor-pointer items-center">
              Push {i + 1} was stopped
            </summary>
            <div className="grid gap-3 pt-2 desk:grid-cols-2">
              <Choice
                label="By"
                options={optionsOf(method, stoppedBy)}
                value={(probe.stoppedBy as string | undefined) ?? null}
                onChange={(word) => setProbe(i, { stoppedBy: word })}
                error={errorAt(`${path}/${i}/stoppedBy`)}
              />
              <NumberField
                label="At"
                unit="cm"
                value={String(probe.stoppedAtCm ?? '')}
                onChange={(typed) => setProbe(i, { stoppedAtCm: typed })}
                error={errorAt(`${path}/${i}/stoppedAtCm`)}
                big
              />
            </div>
          </details>
        ))}
    </fieldset>
  );
}

export default { method: 'penetration', field: 'probes', Entry: Probes } satisfies MethodEntry;
