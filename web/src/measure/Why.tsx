import { useState } from 'react';
import type { Evaluation, Method } from '../api/types';
import { CurveDrawing } from '../ground/CurveDrawing';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';

type Props = { method: Method; evaluation: Evaluation };

/** Every number answers why; drawn once somebody asks, not with every key. */
export function Why(props: Props) {
  const [open, setOpen] = useState(false);
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="link flex min-h-11 cursor-pointer items-center">Why these numbers?</summary>
      {open && <Because {...props} />}
    </details>
  );
}

/** Its formula, the curve with its place on it, the source, the grade. */
function Because({ method, evaluation }: Props) {
  return (
    <>
      <table className="mt-2 w-full text-base">
        <tbody>
          {method.results.map((result) => {
            const values = evaluation.measures.filter((measure) => measure.key === result.key);
            const word = evaluation.words[result.key];
            if (values.length === 0 && word === undefined) return null;
            return (
              <tr key={result.key} className="border-t border-rule align-top">
                <th scope="row" className="py-2 pr-3 text-left font-medium">
                  {result.label}
                  <span className="block text-sm font-normal text-faded">{result.formula}</span>
                </th>
                <td className="num py-2 text-right">
                  {values.length > 0
                    ? values
                        .map(
                          (one) =>
                            figure(one.value, result.unit) +
                            (one.plusMinus === null ? '' : ` ± ${show(one.plusMinus)}`),
                        )
                        .join(', ')
                    : word === true
                      ? 'yes'
                      : word === false
                        ? 'no'
                        : ((word as string | null)?.replaceAll('-', ' ') ?? 'none')}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {evaluation.placed && (
        <CurveDrawing placed={evaluation.placed} along={along(method, evaluation.placed.xMeaning)} />
      )}
      <p className="mt-2 text-base text-faded">
        {method.source}. Evidence grade {method.grade}.
        {evaluation.placed &&
          ` Curve ${evaluation.placed.curve} of ${evaluation.placed.yardstick} ${evaluation.placed.version}.`}
      </p>
    </>
  );
}

/** What the curve reads, in the words of the method where they are its own measure. */
function along(method: Method, meaning: string): string {
  const result = method.results.find((one) => meaning.split(' ')[0] === one.key);
  return result ? `${result.label}${result.unit ? `, ${result.unit}` : ''}` : meaning;
}
