import { Dialog } from 'radix-ui';
import type { Parcel } from '../device/parcel';
import { sendNow } from '../device/sender';
import { saveUnsent } from '../device/unsentFile';
import { useMe } from '../people/session';

const SHOWN = 6;

/** Signing out with something to send: which it is, and what may become of it. */
export default function Leaving({
  waiting,
  onStay,
  onLeave,
}: {
  waiting: Parcel[];
  onStay: () => void;
  onLeave: () => void;
}) {
  const me = useMe();
  return (
    <Dialog.Root modal={false} open onOpenChange={(open) => !open && onStay()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed inset-x-4 top-[14vh] z-50 mx-auto max-w-md rounded-[10px] border-[1.5px] border-edge bg-lift p-6 shadow-lg">
          <Dialog.Title className="font-head text-xl font-bold">
            {waiting.length === 0 ? 'All is sent' : 'Not all is sent'}
          </Dialog.Title>
          <Dialog.Description className="mt-1">
            {waiting.length === 0
              ? 'Nothing waits on this device any more.'
              : `${waiting.length} ${waiting.length === 1 ? 'thing waits' : 'things wait'} on this device:`}
          </Dialog.Description>
          <ul className="mt-2 list-inside list-disc">
            {waiting.slice(0, SHOWN).map((one) => (
              <li key={one.id}>{one.label}</li>
            ))}
            {waiting.length > SHOWN && <li>and {waiting.length - SHOWN} more</li>}
          </ul>
          <div className="mt-5 grid gap-3">
            {waiting.length > 0 && (
              <button type="button" className="button button-main" onClick={() => void sendNow()}>
                Send now
              </button>
            )}
            <Dialog.Close className="button">Stay signed in</Dialog.Close>
            <button type="button" className="link min-h-11" onClick={onLeave}>
              {waiting.length === 0 ? 'Sign out' : 'Sign out and leave them here'}
            </button>
            {waiting.length > 0 && (
              <button type="button" className="link min-h-11" onClick={() => void saveUnsent(me)}>
                Save them as a file
              </button>
            )}
            {waiting.length > 0 && (
              <p className="text-sm text-faded">
                What is left here is not encrypted. It is sent after your next sign-in on this device; a file
                is taken in by an owner, under Data.
              </p>
            )}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
