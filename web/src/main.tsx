import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app/App';
import { keepPages } from './app/keepPages';
import { drain } from './features/fire/outbox';
import './app/theme.css';

const root = document.getElementById('root');
if (!root) throw new Error('The page has no place for the application.');
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

// Entries a dead tablet left behind are sent by whatever page is opened next.
void drain();
if (import.meta.env.PROD && 'serviceWorker' in navigator) void keepPages();
