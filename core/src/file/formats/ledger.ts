import { format } from './format';

export const ledger = format({
  listedAt: 3,
  what: 'a ledger file',
  endings: ['.json'],
  mediaType: 'application/json',
  isTakenWhole: true,
});
