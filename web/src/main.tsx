import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { App } from './App';
import { SaidProvider } from './kit/Said';
import './theme/index.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: { networkMode: 'always', retry: 1, staleTime: 5_000 },
    mutations: { networkMode: 'always', retry: false },
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <SaidProvider>
            <App />
          </SaidProvider>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}
