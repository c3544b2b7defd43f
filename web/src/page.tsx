import '@fontsource-variable/archivo/wdth.css';
import '@mantine/core/styles.layer.css';
import './ui/sectum';
import { MantineProvider } from '@mantine/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { asProblem } from './api/client';
import { startSession } from './api/session';
import { Door } from './kitchen/Door';
import { startOutbox } from './ui/outbox';
import { theme } from './ui/theme';

// What a person asked for is tried again only when nothing answered at all.
const again = (failures: number, error: unknown) => {
  const { status } = asProblem(error);
  return (status === 0 || status === 503) && failures < 3;
};

const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: again, staleTime: 2_000 },
    mutations: { retry: again, networkMode: 'always' },
  },
});

startSession(queries);
startOutbox(queries);
// The page comes back after a reload even while the kitchen computer is away; only where the address is a secure one.
if ('serviceWorker' in navigator) {
  void navigator.serviceWorker.register('/sw.js');
}

const place = document.getElementById('sectum');
if (place) {
  createRoot(place).render(
    <StrictMode>
      <MantineProvider theme={theme} forceColorScheme="light">
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <Door />
          </BrowserRouter>
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
}
