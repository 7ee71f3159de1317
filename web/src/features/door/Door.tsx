import { PageWait } from '../../kit/PageWait';
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
        <Suspense fallback={<PageWait>Opening the page …</PageWait>}>
          {window.location.pathname === '/trust' ? <TrustPage /> : <DoorPage />}
        </Suspense>
      </main>
    </>
  );
}
