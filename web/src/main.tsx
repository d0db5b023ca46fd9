import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { Failed } from './api/problem';
import './ground/tokens.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 15_000,
      // An answer that says no is an answer; no signal is asked again.
      retry: (count, error) => !(error instanceof Failed) && count < 2,
      refetchOnWindowFocus: false,
    },
  },
});

document.documentElement.dataset.theme = localStorage.getItem('morphotera:theme') ?? 'day';

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
