import * as Comlink from 'comlink';
import { armyWork } from './work/armyWork';
import { benchWork } from './work/benchWork';
import { versionGapWork } from './work/versionGapWork';
import { draftWork } from './work/draftWork';
import { eveningWork } from './work/eveningWork';
import { formWork } from './work/formWork';
import { glowWork } from './work/glowWork';
import { listWork } from './work/listWork';
import { logWork } from './work/logWork';
import { matchWork } from './work/matchWork';
import { overWork } from './work/overWork';
import { paletteWork } from './work/paletteWork';
import { photographWork } from './work/photographWork';
import { planWork } from './work/planWork';
import { proposalWork } from './work/proposalWork';
import { potWork } from './work/potWork';
import { predictWork } from './work/predictWork';
import { readingWork } from './work/readingWork';
import { rescueWork } from './work/rescueWork';
import { recolourWork } from './work/recolourWork';
import { replaceWork } from './work/replaceWork';
import { setLedgerData, setPainter } from './work/ledgerData';
import { sheetWork } from './work/sheetWork';
import { stockWork } from './work/stockWork';
import { studyWork } from './work/studyWork';
import { tableWork } from './work/tableWork';
import { togetherWork } from './work/togetherWork';

/** Everything that may take longer than a frame, away from the thread that takes the typing. */
const ledgerWorker = {
  setLedgerData,
  setPainter,
  ...armyWork,
  ...benchWork,
  ...versionGapWork,
  ...planWork,
  ...togetherWork,
  ...predictWork,
  ...listWork,
  ...potWork,
  ...proposalWork,
  ...studyWork,
  ...eveningWork,
  ...formWork,
  ...glowWork,
  ...draftWork,
  ...matchWork,
  ...logWork,
  ...overWork,
  ...paletteWork,
  ...photographWork,
  ...recolourWork,
  ...replaceWork,
  ...readingWork,
  ...rescueWork,
  ...sheetWork,
  ...stockWork,
  ...tableWork,
};

export type LedgerWorker = typeof ledgerWorker;

Comlink.expose(ledgerWorker);
