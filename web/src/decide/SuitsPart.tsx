import { nameOf } from '../api/methodNames';
import type { Judgement, WholeVisit } from '../api/types';
import { useMethods } from '../api/useMethods';
import { inSentence, show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { Crops } from './Crops';

type Suits = NonNullable<Judgement['suits']>;

const words = (word: string) => word.replaceAll('-', ' ');

/** What grows on the ground as it is, in one place, each with its why; what was not read says which test would tell. */
export function SuitsPart({ suits, whole }: { suits: Suits; whole: WholeVisit }) {
  const methods = useMethods();
  const fits = suits.crops.filter((one) => one.suits);
  const unfit = suits.crops.filter((one) => !one.suits);
  return (
    <section aria-labelledby="suits" className="wide:col-span-2">
      <h2 id="suits" className="text-[1.5rem]">
        What suits this ground
      </h2>
      {suits.missing.length > 0 && (
        <p className="text-faded">
          Not read here, and would tell more:{' '}
          {suits.missing.map((one) => inSentence(nameOf(methods.data ?? [], one))).join(', ')}.
        </p>
      )}
      <div className="mt-3 grid gap-x-12 gap-y-6 wide:grid-cols-2">
        <div>
          <h3>Crops, by salt and pH</h3>
          {suits.crops.length === 0 ? (
            <p>Neither salt nor pH was read in {whole.field.name}.</p>
          ) : (
            <>
              <p className="text-sm text-faded">
                {suits.ece !== null && `${figure(suits.ece, 'dS/m')} as paste`}
                {suits.ece !== null && suits.ph !== null && ', '}
                {suits.ph !== null && `pH ${show(suits.ph)}`}
              </p>
              {fits.length > 0 && <Crops crops={fits} ph={suits.ph} />}
              {unfit.length > 0 && (
                <details open={fits.length === 0}>
                  <summary className="link flex min-h-11 cursor-pointer items-center">
                    {unfit.length} that do not suit
                  </summary>
                  <Crops crops={unfit} ph={suits.ph} />
                </details>
              )}
            </>
          )}
        </div>
        <div className="grid content-start gap-6">
          <div>
            <h3>Plants, by how it drains</h3>
            {suits.planting ? (
              <>
                <p className="text-sm text-faded">a hole falls {figure(suits.planting.mmPerH, 'mm/h', 0)}</p>
                <p className="mt-1">{suits.planting.text}</p>
                <p className="mt-1 text-sm text-faded">Kinds, not sorts; grade C, said beside the score.</p>
              </>
            ) : (
              <p>No hole was read here.</p>
            )}
          </div>
          <div>
            <h3>Cover crops</h3>
            {suits.limits.length === 0 ? (
              <p>
                Nothing limits this ground that a cover crop would serve; any that is liked keeps it green.
              </p>
            ) : (
              <>
                <p className="text-sm text-faded">for {suits.limits.map(words).join(', ')}</p>
                <ul className="mt-1">
                  {suits.covers.slice(0, 8).map((one) => (
                    <li
                      key={one.crop}
                      className="grid grid-cols-[1fr_auto] gap-x-3 border-t border-rule py-1.5"
                    >
                      <span>
                        <span className="inline-block font-semibold first-letter:uppercase">
                          {words(one.crop)}
                        </span>
                        {one.caution && <span className="block text-sm text-faded">{one.caution}</span>}
                      </span>
                      <span className="num text-right text-sm">
                        {show(one.servesPercent, 0)} %
                        <span className="block font-sans text-faded">
                          {one.inSeason ? 'sown now' : 'another month'}
                        </span>
                      </span>
                    </li>
                  ))}
                </ul>
              </>
            )}
          </div>
        </div>
      </div>
    </section>
  );
}
