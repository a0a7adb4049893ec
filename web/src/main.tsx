import { QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { holdOn, keepsReads } from './api/kept';
import { SaidProvider } from './kit/Said';
import './theme/index.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: { networkMode: 'always', retry: 1, staleTime: 5_000 },
    mutations: { networkMode: 'always', retry: false },
  },
});

holdOn(queries);

// the pages open without a network; only a built application has a worker
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  window.addEventListener('load', () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined));
}

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <PersistQueryClientProvider client={queries} persistOptions={keepsReads}>
        <BrowserRouter>
          <SaidProvider>
            <App />
          </SaidProvider>
        </BrowserRouter>
      </PersistQueryClientProvider>
    </StrictMode>,
  );
}
