export { csv } from './csv';
export { gpl } from './gpl';
export { ledger } from './ledger';
export { markdown } from './markdown';
export { strip } from './strip';
