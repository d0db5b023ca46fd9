import { Tabs } from 'radix-ui';
import { useParams, useSearchParams } from 'react-router';
import type { WholeVisit } from '../api/types';
import { useVisit } from '../api/useMethods';
import { Show } from '../ground/State';
import { useZone, ZonePick } from '../ground/ZonePick';
import { Gallery } from '../measure/pictures/Gallery';
import { BesidePage } from './BesidePage';
import { ScoreAgain } from './ScoreAgain';
import { ScoresView } from './ScoresView';
import { SectionPage } from './SectionPage';
import { ValuesPage } from './ValuesPage';

const TAB =
  'min-h-11 border-b-2 border-transparent font-head text-base font-semibold whitespace-nowrap text-faded data-[state=active]:border-ink data-[state=active]:text-ink desk:text-[1.05rem]';

/** The cut through the ground, the scores, and every value that was found. */
export function Read() {
  const { visitId = '' } = useParams();
  const whole = useVisit(visitId);
  return <Show of={whole}>{(visit) => <ReadOf whole={visit} />}</Show>;
}

function ReadOf({ whole }: { whole: WholeVisit }) {
  const [search, setSearch] = useSearchParams();
  const [zone, pickZone] = useZone(whole.field);
  const view = search.get('view') ?? 'section';
  return (
    <Tabs.Root
      value={view}
      onValueChange={(next) => {
        const params = new URLSearchParams(search);
        params.set('view', next);
        setSearch(params);
      }}
    >
      <h1 className="sr-only">
        {whole.field.name}, {whole.visit.day}
      </h1>
      <div className="mb-4 flex flex-wrap items-center justify-between gap-x-8 gap-y-1">
        <Tabs.List className="flex flex-wrap gap-x-4 desk:gap-x-7" aria-label="Views">
          <Tabs.Trigger value="section" className={TAB}>
            Section
          </Tabs.Trigger>
          <Tabs.Trigger value="scores" className={TAB}>
            Scores
          </Tabs.Trigger>
          <Tabs.Trigger value="beside" className={TAB}>
            Beside
          </Tabs.Trigger>
          <Tabs.Trigger value="found" className={TAB}>
            What was found
          </Tabs.Trigger>
        </Tabs.List>
        {view !== 'beside' && <ZonePick field={whole.field} zone={zone} onPick={pickZone} />}
      </div>
      <Tabs.Content value="section">
        <SectionPage whole={whole} zone={zone} />
      </Tabs.Content>
      <Tabs.Content value="scores">
        <ScoresView whole={whole} zone={zone} />
      </Tabs.Content>
      <Tabs.Content value="beside">
        <BesidePage whole={whole} />
      </Tabs.Content>
      <Tabs.Content value="found">
        <ValuesPage whole={whole} zone={zone} />
      </Tabs.Content>
      <Gallery whole={whole} />
      {view !== 'beside' && <ScoreAgain whole={whole} zone={zone} />}
    </Tabs.Root>
  );
}
