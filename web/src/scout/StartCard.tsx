import type { Planning } from '../api/types';

type Props = {
  items: Planning['startCard'];
  ticked: Record<string, string>;
  onTick: (id: string, on: boolean) => void;
};

/** Ticked through, with the time, before the first step of every visit. */
export function StartCard({ items, ticked, onTick }: Props) {
  return (
    <fieldset>
      <legend className="font-head text-[1.0625rem] font-semibold">Start card</legend>
      <p className="text-sm text-faded">Local law and licensed practice come first.</p>
      <ul className="mt-1">
        {items.map((item) => (
          <li key={item.id} className="border-t border-rule">
            <label className="grid min-h-14 cursor-pointer grid-cols-[2rem_1fr_auto] items-center gap-x-2 py-1.5">
              <input
                type="checkbox"
                className="size-6 min-h-0"
                checked={ticked[item.id] !== undefined}
                onChange={(event) => onTick(item.id, event.target.checked)}
              />
              <span>
                <span className="block font-medium">{item.text}</span>
                <span className="block text-sm text-faded">{item.more}</span>
              </span>
              <span className="num text-sm text-faded">
                {ticked[item.id]
                  ? new Date(ticked[item.id] as string).toLocaleTimeString('en-GB', {
                      hour: '2-digit',
                      minute: '2-digit',
                    })
                  : ''}
              </span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
