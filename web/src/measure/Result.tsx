import type { Evaluation, Method, Reading } from '../api/types';
import { bandOf, Clod } from '../ground/Clod';
import { show } from '../ground/format';
import type { Values } from './draft';
import { useDrawing } from './drawings';
import { Why } from './Why';

/** What comes of the reading, as it is typed: the score in words, why, what to know, and the drawing of it. */
export function Result({
  method,
  evaluation,
  values,
  others = [],
  offline,
}: {
  method: Method;
  evaluation: Evaluation | null;
  /** What was typed, or kept. */
  values: Values;
  /** What else was read at this place by this method. */
  others?: Reading[];
  offline: string | null;
}) {
  const drawing = useDrawing(method.id);
  if (!evaluation) {
    return offline ? (
      <p className="text-lg text-faded" role="status">
        Computed when there is signal. {offline}
      </p>
    ) : null;
  }
  return (
    <section aria-label="Result" className="grid gap-3 border-t border-rule pt-4 text-lg" aria-live="polite">
      <p className="flex items-center gap-3">
        <Clod band={bandOf(evaluation.score)} size={26} />
        <span>
          <strong className="text-2xl" data-testid="score">
            {evaluation.score === null ? 'No score' : show(evaluation.score)}
          </strong>{' '}
          {evaluation.band && <span>of 100, {evaluation.band}</span>}
        </span>
      </p>
      {drawing?.ResultDrawing && (
        <div className="max-w-md">
          <drawing.ResultDrawing evaluation={evaluation} values={values} others={others} />
        </div>
      )}
      {evaluation.because.map((said) => (
        <p key={said.code}>{said.text}</p>
      ))}
      {evaluation.flags.map((flag) => (
        <p key={flag.code} className={flag.level === 'warning' ? 'text-warn' : 'text-faded'}>
          {flag.text}
        </p>
      ))}
      <Why method={method} evaluation={evaluation} />
    </section>
  );
}
