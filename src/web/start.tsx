import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, startTransition } from 'react';
import type { Root } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App.tsx';

// Always: this computer's own server answers without any network, and what it last said is kept.
const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 5_000, networkMode: 'always' }, mutations: { networkMode: 'always' } },
});

/** Draws the application as a transition: React then works in small pieces, and a slow machine can answer between them. */
export function start(root: Root): void {
  startTransition(() =>
    root.render(
      <StrictMode>
        <QueryClientProvider client={client}>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </QueryClientProvider>
      </StrictMode>,
    ),
  );
}
