import { Pick } from '../ground/Pick';
import { moved, partsOf } from './cutWindow';

type Props = {
  of: number;
  between: [number, number] | null;
  onPick: (between: [number, number] | null) => void;
};

const KEYS = ['+', '-', 'ArrowDown', 'ArrowUp', 'Escape'];

/** Which depths are drawn: all, or a part of them larger. Plus and minus narrow and widen it, the arrows move it. */
export function Depths({ of, between, onPick }: Props) {
  const parts = partsOf(of);
  if (parts.length === 0) return null;
  return (
    <div
      role="group"
      aria-label="Depths drawn"
      className="mb-2 flex flex-wrap items-center gap-x-4"
      onKeyDown={(event) => {
        if (!KEYS.includes(event.key)) return;
        event.preventDefault();
        onPick(moved(between, event.key, of));
      }}
    >
      <Pick on={between === null} onPick={() => onPick(null)}>
        all depths
      </Pick>
      {parts.map((part) => (
        <Pick
          key={part[0]}
          on={between !== null && between.join() === part.join()}
          onPick={() => onPick(part)}
        >
          <span className="num">
            {part[0]}–{part[1]}
          </span>{' '}
          cm
        </Pick>
      ))}
      {between && !parts.some((part) => part.join() === between.join()) && (
        <span className="num text-sm">
          {between[0]}–{between[1]} cm
        </span>
      )}
    </div>
  );
}
