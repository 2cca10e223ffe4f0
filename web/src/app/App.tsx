import { Suspense } from 'react';
import { Toaster } from 'react-hot-toast';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { BookPage } from '../book/BookPage';
import { FindBoxProvider } from '../frame/FindBox';
import { TroubleBoundary } from '../frame/TroubleBoundary';
import { PAGES } from './pages';

/** Paper on the left, slate on the right; below 1000 px the slate comes under the paper. */
function Frame() {
  // What is shown, once it is: a page that is still coming is not.
  const { pathname } = useLocation();
  return (
    <div
      data-at={pathname}
      className="min-h-dvh min-[1000px]:grid min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(380px,34%)] print:block"
    >
      <Suspense fallback={null}>
        <Outlet />
      </Suspense>
      <Toaster
        position="bottom-left"
        toastOptions={{ style: { background: '#23292c', color: '#f1ede1', fontSize: '16px' } }}
      />
    </div>
  );
}

export const App = () => (
  <TroubleBoundary>
    <BrowserRouter>
      <FindBoxProvider>
        <Routes>
          <Route element={<Frame />}>
            <Route path="/" element={<BookPage />} />
            {Object.entries(PAGES).map(([path, Page]) => (
              <Route key={path} path={path} element={<Page />} />
            ))}
            <Route path="/orders/:id" element={<Navigate to="pick" replace />} />
            <Route path="*" element={<Navigate to="/" replace />} />
          </Route>
        </Routes>
      </FindBoxProvider>
    </BrowserRouter>
  </TroubleBoundary>
);
