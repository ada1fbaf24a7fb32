import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { SignIn } from '../features/account/SignIn';
import { BilletView } from '../features/billet/BilletView';
import { NewBilletView } from '../features/billet/NewBilletView';
import { BookView } from '../features/book/BookView';
import { CardView } from '../features/card/CardView';
import { EvidenceView } from '../features/evidence/EvidenceView';
import { FireHome } from '../features/fire/FireHome';
import { FireSession } from '../features/fire/FireSession';
import { HeatPlanView } from '../features/fire/HeatPlanView';
import { FinderView } from '../features/schedule/FinderView';
import { HardeningView } from '../features/hardening/HardeningView';
import { InsideView } from '../features/inside/InsideView';
import { RackView } from '../features/rack/RackView';
import { ShopView } from '../features/shop/ShopView';
import { SteelsView } from '../features/steel/SteelsView';
import { Problem } from '../lib/http';
import { Shell } from './Shell';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => count < 2 && !(error instanceof Problem && error.status >= 400),
      refetchOnWindowFocus: false,
    },
  },
});

const router = createBrowserRouter([
  { path: '/sign-in', Component: SignIn },
  { path: '/fire/:id', Component: FireSession },
  {
    Component: Shell,
    children: [
      { path: '/rack', Component: RackView },
      { path: '/billets/new', Component: NewBilletView },
      { path: '/billets/:id', Component: BilletView },
      { path: '/billets/:id/inside', Component: InsideView },
      { path: '/billets/:id/heat', Component: HeatPlanView },
      { path: '/billets/:id/finish', Component: HardeningView },
      { path: '/billets/:id/card', Component: CardView },
      { path: '/fire', Component: FireHome },
      { path: '/finder', Component: FinderView },
      { path: '/steels', Component: SteelsView },
      { path: '/book', Component: BookView },
      { path: '/evidence', Component: EvidenceView },
      { path: '/shop', Component: ShopView },
      { path: '*', element: <Navigate to="/rack" replace /> },
    ],
  },
]);

export function App() {
  return (
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  );
}
