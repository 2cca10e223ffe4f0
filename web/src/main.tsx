import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { codeFor } from './app/ahead';
import { App } from './app/App';
import './main.css';
import { tabsAreKnown } from './ui/tab';

const show = () =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
// What cannot be had is said by the page that wants it.
// What was kept of a page before is in hand before it is drawn.
void Promise.allSettled([codeFor(location.pathname), tabsAreKnown]).then(show);
