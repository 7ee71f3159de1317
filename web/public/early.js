// Asks for what nearly every page needs while the scripts of the page are still on their way. The
// answers are taken by web/src/data/earlyAnswers.ts, which checks that they are still good.
(() => {
  const kept = (key) => {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  };
  const membership = (() => {
    try {
      return JSON.parse(kept('yellow-ledger.membership') ?? 'null');
    } catch {
      return null;
    }
  })();
  const identity = kept('yellow-ledger.identity');
  const memberId = membership?.is === 'in' ? membership.me?.member?.id : undefined;
  const headers = {
    ...(identity !== null && { 'X-Ledger': identity }),
    ...(memberId && { 'X-Member': memberId }),
  };
  // The list of recipes shows the newest at once; with a thousand, all of them take a while.
  const isList = /^\/(recipes\/?)?$/.test(location.pathname);
  const parts = ['pots', isList ? 'recipes?newest=40' : 'recipes', 'versions'];
  const answers = new Map();
  const ask = (path, init) => {
    const answer = fetch(path, init);
    // Whoever takes it sees what went wrong; an answer nobody takes is no error of the page.
    answer.catch(() => undefined);
    answers.set(path, { answer, memberId, identity, at: performance.now() });
  };
  ask('/api/club/me', { cache: 'no-store' });
  if (membership?.is !== 'out') for (const part of parts) ask(`/api/${part}`, { headers });
  window.yellowLedgerEarly = answers;
})();
