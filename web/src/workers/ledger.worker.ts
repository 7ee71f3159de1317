import * as Comlink from 'comlink';
import { armyWork } from '../features/army/armyWork';
import { benchWork } from '../features/bench/benchWork';
import { versionGapWork } from '../features/army/changes/versionGapWork';
import { draftWork } from './shared/draftWork';
import { eveningWork } from '../features/club/eveningWork';
import { formWork } from './shared/formWork';
import { glowWork } from '../features/army/light/glowWork';
import { listWork } from './shared/listWork';
import { logWork } from '../features/log/logWork';
import { matchWork } from '../features/match/matchWork';
import { overWork } from '../features/army/overs/overWork';
import { paletteWork } from '../features/palette/paletteWork';
import { photographWork } from '../features/photograph/photographWork';
import { answerWork } from '../features/army/plan/answerWork';
import { planWork } from '../features/army/plan/planWork';
import { proposalWork } from '../features/club/proposalWork';
import { potWork } from './shared/potWork';
import { predictWork } from './shared/predictWork';
import { readingWork } from '../features/army/readings/readingWork';
import { puddleWork } from '../features/bench/puddle/puddleWork';
import { rescueWork } from '../features/bench/mishap/rescueWork';
import { recolourWork } from '../features/recipe/tabs/recolourWork';
import { replaceWork } from '../features/replace/replaceWork';
import { setLedgerData, setPainter } from './shared/ledgerData';
import { sheetWork } from './shared/sheetWork';
import { stockWork } from '../features/stock/stockWork';
import { studyWork } from '../features/recipe/studies/studyWork';
import { stepWork } from '../features/recipe/tabs/stepWork';
import { tableWork } from '../features/files/tableWork';
import { togetherWork } from '../features/army/togetherWork';

/** Everything that may take longer than a frame, away from the thread that takes the typing. */
const ledgerWorker = {
  setLedgerData,
  setPainter,
  ...armyWork,
  ...benchWork,
  ...versionGapWork,
  ...planWork,
  ...answerWork,
  ...togetherWork,
  ...predictWork,
  ...listWork,
  ...potWork,
  ...proposalWork,
  ...studyWork,
  ...stepWork,
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
  ...puddleWork,
  ...rescueWork,
  ...sheetWork,
  ...stockWork,
  ...tableWork,
};

export type LedgerWorker = typeof ledgerWorker;

Comlink.expose(ledgerWorker);
