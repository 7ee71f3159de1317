// Component tests run in React's strict mode, and what React warns of fails the test it warns in.
if (typeof document !== 'undefined') {
  require('@testing-library/react').configure({
    reactStrictMode: true,
    // Ends a hang; no busy machine reaches it.
    asyncUtilTimeout: 300_000,
  });
  const { format } = require('node:util');

  let warnings = [];
  beforeEach(() => {
    warnings = [];
    jest.spyOn(console, 'error').mockImplementation((...said) => warnings.push(format(...said)));
  });
  afterEach(() => {
    const found = warnings;
    warnings = [];
    if (found.length > 0) throw new Error(`React or the page warned:\n${found.join('\n')}`);
  });
}
