import { notifyManager, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Answers } from './api/answers';
import { FRESH_MS } from './api/fresh';
import { Failed } from './api/problem';
import { install } from './device/install';
import './ground/tokens.css';
import { Gate } from './people/Gate';

// An answer is drawn when it comes, not a turn later: with every key one comes.
notifyManager.setScheduler(queueMicrotask);

const queries = new Answers({
  defaultOptions: {
    queries: {
      staleTime: FRESH_MS,
      // A kept copy answers until something newer does.
      gcTime: Number.POSITIVE_INFINITY,
      // What the browser thinks of the network is a guess: the server is asked, and no answer is said.
      networkMode: 'always',
      // An answer that says no is an answer; no signal is asked again once.
      retry: (count, error) => !(error instanceof Failed) && count < 1,
      refetchOnWindowFocus: false,
    },
  },
});

// The system's own dusk is followed until one is chosen.
const dusk = globalThis.matchMedia?.('(prefers-color-scheme: dark)').matches ? 'dusk' : 'day';
document.documentElement.dataset.theme = localStorage.getItem('morphotera:theme') ?? dusk;
install();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Gate />
      </QueryClientProvider>
    </StrictMode>,
  );
}
