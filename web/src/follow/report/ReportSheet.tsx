import type { MethodScore } from '../../api/types';
import { bandOf, Clod } from '../../ground/Clod';
import { day, show, signed } from '../../ground/format';
import { Scrollable } from '../../ground/Scrollable';
import { SectionDrawing } from '../../read/SectionDrawing';
import { Editable } from './Editable';
import type { Report } from './report';

type Words = Partial<Pick<Report, 'standing' | 'things' | 'comeBack' | 'contact'>>;
type Props = { report: Report; onWords?: ((words: Words) => void) | undefined };

/** The report as it is read and printed: page one by itself, then the evidence. */
export function ReportSheet({ report, onWords }: Props) {
  const has = (part: Report['parts'][number]) => report.parts.includes(part);
  return (
    <article className="report max-w-[46rem] min-w-0" aria-label={`Report of ${report.field}`}>
      <PageOne report={report} onWords={onWords} />
      {has('section') && report.section && report.section.columns.length > 0 && (
        <section className="mt-10 print:break-before-page">
          <h2>The ground, spot by spot</h2>
          <SectionDrawing view={report.section} />
          {report.section.said.map((one) => (
            <p key={one.code} className="mt-1">
              {one.text}
            </p>
          ))}
        </section>
      )}
      {has('scores') && <Scores report={report} />}
      {has('change') && report.change && report.change.methods.length > 0 && <Change report={report} />}
      {has('sums') && report.sums.length > 0 && (
        <section className="mt-8 break-inside-avoid">
          <h2>The sums</h2>
          {report.sums.map((sum) => (
            <div key={sum.name} className="mt-2 border-t border-rule pt-2">
              <p className="font-semibold">{sum.name}</p>
              <ul className="text-[0.95rem]">
                {sum.lines.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </div>
          ))}
        </section>
      )}
      {has('how') && <Lines name="How it was measured" lines={report.how} />}
      {has('uncertain') && report.uncertain.length > 0 && (
        <Lines name="What is uncertain" lines={report.uncertain} />
      )}
      {has('cautions') && report.cautions.length > 0 && <Lines name="Cautions" lines={report.cautions} />}
    </article>
  );
}

function PageOne({ report, onWords }: Props) {
  const edit = (words: Words) => onWords?.(words);
  return (
    <section aria-label="Page one">
      <p className="flex flex-wrap justify-between gap-x-6 text-sm text-faded">
        <span>
          {report.practice}
          {(onWords || report.contact) && (
            <>
              <span className={report.contact ? '' : 'print:hidden'}> · </span>
              <Editable
                label="How you are reached"
                value={report.contact}
                empty="how you are reached"
                onChange={onWords && ((contact) => edit({ contact }))}
              />
            </>
          )}
        </span>
        <span>
          {report.madeUp && 'made-up demo data · '}
          {day(report.day)}
        </span>
      </p>
      <h1 className="mt-6 text-[2.6rem] leading-tight">{report.field}</h1>
      <p className="text-lg text-faded">
        {report.holding} · {report.about}
      </p>
      <div className="mt-6 grid grid-cols-[5.5rem_1fr] items-start gap-6">
        <Clod band={bandOf(report.score)} size={84} />
        <p className="font-head text-[1.5rem] leading-snug font-semibold">
          <Editable
            label="Where it stands"
            value={report.standing}
            onChange={onWords && ((standing) => edit({ standing }))}
          />
        </p>
      </div>
      <h2 className="mt-8 text-[1.35rem]">
        {['', 'One thing to do', 'Two things to do', 'Three things to do'][report.things.length] ?? 'To do'}
      </h2>
      <ol className="mt-1">
        {report.things.map((thing, i) => {
          const change = (next: Partial<typeof thing>) =>
            edit({ things: report.things.map((one, at) => (at === i ? { ...one, ...next } : one)) });
          return (
            <li key={i} className="grid grid-cols-[2.2rem_1fr] border-t border-rule py-2.5">
              <span className="font-head text-[1.4rem] leading-none font-bold">{i + 1}</span>
              <span>
                <span className="block font-head text-[1.1rem] font-semibold">
                  <Editable
                    label={`Thing ${i + 1}`}
                    value={thing.title}
                    onChange={onWords && ((title) => change({ title }))}
                  />
                </span>
                <Editable
                  label={`Why, of thing ${i + 1}`}
                  value={thing.text}
                  empty="why"
                  onChange={onWords && ((text) => change({ text }))}
                />
              </span>
            </li>
          );
        })}
      </ol>
      <div className="mt-6 grid gap-x-10 gap-y-5 sm:grid-cols-[1fr_14rem] print:grid-cols-[1fr_14rem]">
        <div>
          <h2 className="text-[1.25rem]">Where it stands</h2>
          <Groups report={report} />
        </div>
        <div>
          <h2 className="text-[1.25rem]">We come back</h2>
          <p className="mt-1">
            {report.when && (
              <>
                in <strong>{report.when}</strong>.{' '}
              </>
            )}
            <Editable
              label="When we come back"
              value={report.comeBack}
              onChange={onWords && ((comeBack) => edit({ comeBack }))}
            />
          </p>
        </div>
      </div>
      <p className="mt-6 border-t border-rule pt-3 text-sm text-faded">{report.notThis}</p>
    </section>
  );
}

/** Each group on a line of 0 to 100, with what it was. */
function Groups({ report }: { report: Report }) {
  return (
    <ul className="mt-1">
      {report.groups.map(({ group, score, was }) => (
        <li
          key={group}
          className="grid grid-cols-[1.4rem_5.5rem_minmax(0,1fr)_2.2rem_5rem] items-center gap-x-2 py-[3px]"
        >
          <Clod band={bandOf(score)} size={15} />
          <span>{group}</span>
          <svg viewBox="0 0 100 12" className="w-full" preserveAspectRatio="none" aria-hidden="true">
            <path d="M0 6H100" stroke="var(--rule)" strokeWidth="1.5" />
            <path
              d={`M${score} 1V11`}
              stroke="var(--ink)"
              strokeWidth="2"
              vectorEffect="non-scaling-stroke"
            />
          </svg>
          <span className="num text-right">{show(score, 0)}</span>
          <span className="text-sm text-faded">{was === null ? '' : `was ${show(was, 0)}`}</span>
        </li>
      ))}
      {report.groups.some((one) => one.was !== null) && (
        <li className="pt-1 text-sm text-faded">was: the same tests at the same spots, the visit before</li>
      )}
    </ul>
  );
}

function nameIn(report: Report, id: string): string {
  return report.methods.find((one) => one.id === id)?.name ?? id;
}

function Scores({ report }: { report: Report }) {
  const rows = report.scores.methods.filter((one) => one.inGroup && one.mean !== null);
  const spots = Object.keys(report.spots).filter((id) =>
    rows.some((row) => row.spots.some((one) => one.spot === id)),
  );
  const at = (row: MethodScore, id: string) => row.spots.find((one) => one.spot === id);
  return (
    <section className="mt-8 break-inside-avoid">
      <h2>Scores by spot</h2>
      <Scrollable label="Scores by spot">
        <table className="mt-1 w-full text-[0.95rem]">
          <thead>
            <tr className="text-left text-sm text-faded">
              <th className="py-1 font-normal">score, 0 to 100</th>
              {spots.map((id) => (
                <th key={id} className="num text-right font-normal">
                  {report.spots[id]}
                </th>
              ))}
              <th className="text-right font-normal">mean</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={`${row.method} ${row.depthClass}`} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {nameIn(report, row.method)}
                </th>
                {spots.map((id) => {
                  const one = at(row, id);
                  return (
                    <td key={id} className={`num text-right ${one?.hollow ? 'text-faded' : ''}`}>
                      {one ? (one.hollow ? `(${show(one.score, 0)})` : show(one.score, 0)) : ''}
                    </td>
                  );
                })}
                <td className="num text-right font-semibold">{show(row.mean, 0)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrollable>
      <p className="mt-1 text-sm text-faded">
        In brackets: read in a way that does not count, and left out of the mean.
      </p>
    </section>
  );
}

const VERDICTS: Record<string, string> = {
  better: 'better',
  worse: 'worse',
  'no-clear-change': 'no clear change',
  'one-spot': 'one spot cannot tell',
};

function Change({ report }: { report: Report }) {
  const change = report.change;
  if (!change) return null;
  return (
    <section className="mt-8 break-inside-avoid">
      <h2>What has changed since {day(change.beforeDay)}</h2>
      <Scrollable label="What has changed">
        <table className="mt-1 w-full text-[0.95rem]">
          <tbody>
            {change.methods.map((one) => (
              <tr key={`${one.method} ${one.depthClass} ${one.plant}`} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {one.methodName}
                </th>
                <td className="font-semibold">{VERDICTS[one.change.verdict]}</td>
                <td className="num text-right">{signed(one.change.difference)}</td>
                <td className="num text-right text-faded">
                  {one.change.low === null
                    ? ''
                    : `${signed(one.change.low)} to ${signed(one.change.high ?? 0)}`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrollable>
      <p className="mt-1 text-sm text-faded">
        Points of score, the same spots both times, and where the change lies nine times of ten. Of ten tests
        one changes by chance.
      </p>
    </section>
  );
}

function Lines({ name, lines }: { name: string; lines: string[] }) {
  return (
    <section className="mt-8 break-inside-avoid">
      <h2>{name}</h2>
      <ul className="mt-1">
        {lines.map((line) => (
          <li key={line} className="border-t border-rule py-1 text-[0.95rem]">
            {line}
          </li>
        ))}
      </ul>
    </section>
  );
}
