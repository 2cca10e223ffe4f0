import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { codeFor } from './app/ahead';
import { App } from './app/App';
import './main.css';

const show = () =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
// What cannot be had is said by the page that wants it.
codeFor(location.pathname).then(show, show);
