// Before the first paint, so that a dark room is not lit up by a white flash.
document.documentElement.dataset.bsTheme =
  localStorage.getItem('yellow-ledger.theme') ||
  (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light');
