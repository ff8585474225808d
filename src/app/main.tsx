import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '../fonts/figures.css';
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { router } from './router';
import { keepForOffline, loadAgainAfterUpdate } from './offline';
import { startSettings } from './features/settings/settings';
import { holdTab, noteDeadReadings } from '../store';
import { system } from './theme/system';

// Everything is in this browser: a query never waits for a network.
const queries = new QueryClient({
  defaultOptions: {
    queries: { networkMode: 'always', retry: false, staleTime: Infinity },
    mutations: { networkMode: 'always' },
  },
});

holdTab();

// The writer's own figures belong to every reading: they are there before the first one.
await Promise.all([noteDeadReadings(), startSettings()]);

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <ChakraProvider value={system}>
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </ChakraProvider>
  </StrictMode>,
);

keepForOffline();
loadAgainAfterUpdate(() => {
  const { location } = router.state.navigation;
  return location && router.createHref(location);
});
