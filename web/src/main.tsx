import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/literata';
import '@fontsource/ibm-plex-mono/latin-400.css';
import '@fontsource/ibm-plex-mono/latin-500.css';
import '@fontsource/ibm-plex-mono/latin-600.css';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { NoAnswer } from './api/client';
import { App } from './App';
import './i18n';
import { applyPreferences } from './ui/preferences';
import { theme } from './ui/theme';
import './ui/tokens.css';
import './ui/parts.css';

applyPreferences();
const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof NoAnswer && count < 8,
      retryDelay: (count) => Math.min(4000, 300 * 2 ** count),
      staleTime: 2000,
    },
    mutations: { retry: false, networkMode: 'always' },
  },
});
const root = document.getElementById('root');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <ThemeProvider theme={theme}>
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </ThemeProvider>
      </QueryClientProvider>
    </StrictMode>,
  );
}
