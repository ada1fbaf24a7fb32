import * as texts from 'texts/app/App';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense, type ComponentType } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { Problem } from '../lib/http';
import { Shell } from './Shell';
import { ViewFailed } from './ViewFailed';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => count < 2 && !(error instanceof Problem && error.status >= 400),
      refetchOnWindowFocus: false,
    },
  },
});

/** A view that is loaded when it is first opened. */
const view = <Name extends string>(load: () => Promise<Record<Name, ComponentType>>, name: Name) =>
  lazy(async () => ({ default: (await load())[name] }));

const SignIn = view(() => import('../features/account/SignIn'), 'SignIn');
const DeviceSignIn = view(() => import('../features/account/DeviceSignIn'), 'DeviceSignIn');
const FireSession = view(() => import('../features/fire/FireSession'), 'FireSession');

/** The views inside the shell, by path. */
const VIEWS: Record<string, ComponentType> = {
  '/rack': view(() => import('../features/rack/RackView'), 'RackView'),
  '/billets/new': view(() => import('../features/billet/NewBilletView'), 'NewBilletView'),
  '/billets/:id': view(() => import('../features/billet/BilletView'), 'BilletView'),
  '/billets/:id/inside': view(() => import('../features/inside/InsideView'), 'InsideView'),
  '/billets/:id/heat': view(() => import('../features/fire/HeatPlanView'), 'HeatPlanView'),
  '/billets/:id/finish': view(() => import('../features/hardening/HardeningView'), 'HardeningView'),
  '/billets/:id/card': view(() => import('../features/card/CardView'), 'CardView'),
  '/billets/:id/bench': view(() => import('../features/bench/BenchView'), 'BenchView'),
  '/billets/:id/count': view(() => import('../features/photograph/CountView'), 'CountView'),
  '/billets/:id/measure': view(() => import('../features/photograph/MeasureView'), 'MeasureView'),
  '/billets/:id/compare': view(() => import('../features/photograph/CompareView'), 'CompareView'),
  '/billets/:id/flaws': view(() => import('../features/photograph/FlawsView'), 'FlawsView'),
  '/fire': view(() => import('../features/fire/FireHome'), 'FireHome'),
  '/finder': view(() => import('../features/schedule/FinderView'), 'FinderView'),
  '/steels': view(() => import('../features/steel/SteelsView'), 'SteelsView'),
  '/book': view(() => import('../features/book/BookView'), 'BookView'),
  '/evidence': view(() => import('../features/evidence/EvidenceView'), 'EvidenceView'),
  '/first-steps': view(() => import('../features/first/FirstStepsView'), 'FirstStepsView'),
  '/glossary': view(() => import('../features/glossary/GlossaryView'), 'GlossaryView'),
  '/shop': view(() => import('../features/shop/ShopView'), 'ShopView'),
};

/** A view while it loads and where it breaks: the rest of the page stays, and so does every other view. */
function Place({ view: View }: { view: ComponentType }) {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={ViewFailed} resetKeys={[pathname]}>
      <Suspense fallback={<p className="p-10 text-soft">{texts.loading}</p>}>
        <View />
      </Suspense>
    </ErrorBoundary>
  );
}

export function App() {
  return (
    <QueryClientProvider client={client}>
      <BrowserRouter>
        <Routes>
          <Route path="/sign-in" element={<Place view={SignIn} />} />
          <Route path="/device" element={<Place view={DeviceSignIn} />} />
          <Route path="/fire/:id" element={<Place view={FireSession} />} />
          <Route element={<Shell />}>
            {Object.entries(VIEWS).map(([path, each]) => (
              <Route key={path} path={path} element={<Place view={each} />} />
            ))}
            <Route path="*" element={<Navigate to="/rack" replace />} />
          </Route>
        </Routes>
      </BrowserRouter>
    </QueryClientProvider>
  );
}
