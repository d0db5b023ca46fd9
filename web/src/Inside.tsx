import { flushSync } from 'react-dom';
import { RouterProvider } from 'react-router';
import type { Me } from './api/types';
import { Device } from './people/Device';
import { router } from './routes';

/** What is there for who is signed in: a part of its own, so that a first visit waits for little. */
export default function Inside({ me }: { me: Me }) {
  return (
    <Device me={me}>
      <RouterProvider router={router} flushSync={(draw) => void flushSync(draw)} />
    </Device>
  );
}
