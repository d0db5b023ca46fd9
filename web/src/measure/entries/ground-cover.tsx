import { useState } from 'react';
import { show } from '../../ground/format';
import type { EntryProps } from '../entry';
import { CoverCounting } from '../pictures/CoverCounting';
import { usePicturesOf, Which } from '../pictures/OnPicture';
import type { MethodEntry } from '.';

/** The shares counted on a photograph of the cell: a proposal beside the picture, taken or not. */
function OnPicture({ whole, place, value, draft, keep }: EntryProps) {
  const pictures = usePicturesOf(whole, place, 'ground-cover');
  const [chosen, setChosen] = useState<string | null>((value as { id?: string } | undefined)?.id ?? null);
  const shown = pictures.find((one) => one.id === chosen) ?? pictures.at(-1);
  if (!shown) {
    return <p className="text-faded">Take a photograph below, straight down; it is counted here.</p>;
  }
  return (
    <div className="grid gap-3">
      <Which all={pictures} shown={shown} onChoose={setChosen} />
      <CoverCounting
        key={shown.id}
        shown={shown}
        onTake={(counted) => {
          keep({
            values: {
              ...draft.values,
              photograph: { id: shown.id, greenLimit: String(counted.greenLimit) },
              hits: undefined,
              live: show(counted.live, 1),
              litter: counted.litter === null ? '' : show(counted.litter, 1),
              stone: counted.stone === null ? '' : show(counted.stone, 1),
              bare: counted.bare === null ? '' : show(counted.bare, 1),
            },
          });
        }}
      />
    </div>
  );
}

const entry: MethodEntry = { method: 'ground-cover', field: 'photograph', Entry: OnPicture };
export default entry;
