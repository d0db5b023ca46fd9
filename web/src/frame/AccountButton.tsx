import { CircleUserRound } from 'lucide-react';
import type { ComponentProps } from 'react';

export function AccountButton({ name, ...rest }: { name: string } & ComponentProps<'button'>) {
  return (
    <button
      type="button"
      className="flex size-11 items-center justify-center rounded-full"
      aria-label={`Account of ${name}`}
      aria-haspopup="menu"
      {...rest}
    >
      <CircleUserRound size={26} strokeWidth={1.6} aria-hidden="true" />
    </button>
  );
}
