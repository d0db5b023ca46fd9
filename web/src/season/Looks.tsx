import { Pick } from '../ground/Pick';
import { type Look, TINTS } from './holdings';

type Props = { look: Look; onLook: (look: Look) => void; years: number[]; searched: boolean };

/** By what the maps are tinted, as of which year; in a large practice also which fields are shown. */
export function Looks({ look, onLook, years, searched }: Props) {
  const newest = years[years.length - 1];
  return (
    <div className="mb-4 flex flex-wrap items-center gap-x-8 gap-y-1">
      <div className="flex flex-wrap gap-x-4" role="group" aria-label="Tinted by">
        {TINTS.map((tint) => (
          <Pick key={tint} on={look.tint === tint} onPick={() => onLook({ ...look, tint })}>
            {tint === 'soil' ? 'whole soil' : tint}
          </Pick>
        ))}
      </div>
      {years.length > 1 && (
        <div className="flex flex-wrap gap-x-3" role="group" aria-label="As it stood at the end of">
          {years.map((year) => (
            <Pick
              key={year}
              on={(look.year ?? newest) === year}
              onPick={() => onLook({ ...look, year: year === newest ? null : year })}
            >
              <span className="num">{year}</span>
            </Pick>
          ))}
        </div>
      )}
      {searched && (
        <div className="flex flex-wrap items-center gap-x-4">
          <label className="flex items-center gap-2 text-sm">
            Find
            <input
              type="search"
              className="w-44"
              placeholder="field, holding, use"
              value={look.words}
              onChange={(event) => onLook({ ...look, words: event.target.value })}
            />
          </label>
          <label className="flex items-center gap-2 text-sm">
            Condition
            <select
              value={look.band ?? ''}
              onChange={(event) => onLook({ ...look, band: (event.target.value || null) as Look['band'] })}
            >
              <option value="">any</option>
              {['spent', 'slipping', 'holding', 'thriving'].map((band) => (
                <option key={band} value={band}>
                  {band}
                </option>
              ))}
              <option value="unread">not read</option>
            </select>
          </label>
        </div>
      )}
    </div>
  );
}
