import { lazyComponent } from '../../kit/lazy/lazyComponent';
import { Suspense } from 'react';

const DoorPage = lazyComponent(() => import('./DoorPage'));
const TrustPage = lazyComponent(() => import('./TrustPage'));

/** All there is to see of a club for who is not in it. */
export function Door() {
  return (
    <>
      <header className="navbar door-head">
        <span className="navbar-brand">Yellow Ledger</span>
      </header>
      <main>
        <Suspense fallback={<p className="page-wait">Opening the page …</p>}>
          {window.location.pathname === '/trust' ? <TrustPage /> : <DoorPage />}
        </Suspense>
      </main>
    </>
  );
}
