import { lazy, Suspense } from 'react';
import { Toaster } from 'react-hot-toast';
import { createBrowserRouter, Navigate, Outlet, RouterProvider } from 'react-router';
import { BookPage } from '../book/BookPage';
import { Trouble } from './Trouble';

const OrderPage = lazy(() => import('../order/OrderPage'));
const CounterPage = lazy(() => import('../counter/CounterPage'));
const HousePage = lazy(() => import('../house/HousePage'));

/** Paper on the left, slate on the right; below 1000 px the slate comes under the paper. */
function Frame() {
  return (
    <div className="min-h-dvh min-[1000px]:grid min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(380px,34%)] print:block">
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

const router = createBrowserRouter([
  {
    element: <Frame />,
    errorElement: <Trouble />,
    children: [
      { path: '/', element: <BookPage /> },
      { path: '/counter', element: <CounterPage /> },
      { path: '/house', element: <HousePage /> },
      { path: '/orders/:id', element: <Navigate to="pick" replace /> },
      { path: '/orders/:id/:stage', element: <OrderPage /> },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
]);

export const App = () => <RouterProvider router={router} />;
