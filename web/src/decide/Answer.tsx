import type { RemedyAnswer } from '../api/types';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { AnswerLists } from './AnswerLists';

/** As many decimals as the thing can be read to: a depth to the millimetre, a rate to the hundredth. */
export function places(unit: string | null): number {
  return unit === 'cm' || unit === '%' ? 1 : 2;
}

/** What a sum comes to: its last line large, each line with its formula filled in, its range, what goes with it. */
export function Answer({ answer }: { answer: RemedyAnswer }) {
  const last = answer.lines.at(-1);
  return (
    <div className="mt-5" role="status">
      {last && (
        <p className="text-lg">
          {last.label}:{' '}
          <strong className="num text-2xl">{figure(last.value, last.unit, places(last.unit))}</strong>
          {answer.ranges[last.key] && (
            <span className="text-faded">
              , nine times of ten between {show(answer.ranges[last.key]?.low, places(last.unit))} and{' '}
              {show(answer.ranges[last.key]?.high, places(last.unit))}: so far may the readings be out
            </span>
          )}
        </p>
      )}
      <table className="mt-2 w-full">
        <tbody>
          {answer.lines.map((line) => (
            <tr key={line.key} className="border-t border-rule align-top">
              <th scope="row" className="py-2 pr-3 text-left font-normal">
                {line.label}
                <span className="block text-sm text-faded">{line.formula}</span>
                <span className="num block text-sm">{line.filled}</span>
              </th>
              <td className="num py-2 text-right whitespace-nowrap">
                {figure(line.value, line.unit, places(line.unit))}
                <Range answer={answer} line={line} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <AnswerLists answer={answer.answer} />
      {answer.because.map((said) => (
        <p key={said.text} className="mt-2">
          {said.text}
        </p>
      ))}
      <ul className="mt-3 list-disc pl-5 text-sm text-faded">
        {answer.cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </div>
  );
}

function Range({ answer, line }: { answer: RemedyAnswer; line: RemedyAnswer['lines'][number] }) {
  const range = answer.ranges[line.key];
  if (!range) return null;
  return (
    <span className="block text-sm text-faded">
      {show(range.low, places(line.unit))} to {show(range.high, places(line.unit))}
    </span>
  );
}
