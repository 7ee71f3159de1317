import { benchAdvice } from './adviceBench';
import { benchAspects } from './aspectBench';
import { benchCrossingAims } from './crossingAimsBench';
import { benchClub } from './club/clubEveningBench';
import { benchClubFuzz } from './club/clubFuzzBench';
import { benchClubKill } from './club/clubKillBench';
import { benchHost } from './club/hostBench';
import { benchBuildUp } from './buildUpBench';
import { benchDoors } from './doorBench';
import { benchFirstScreen } from './firstScreenBench';
import { benchFuzz } from './fuzzBench';
import { benchForms } from './formBench';
import { benchJudgement } from './judgementBench';
import { benchKillWork } from './killWorkBench';
import { benchKill } from './killBench';
import { benchLarge } from './largeBench';
import { benchLog } from './logBench';
import { benchMatch } from './matchBench';
import { benchMutation } from './mutationBench';
import { benchOvers } from './overBench';
import { benchPages } from './pagesBench';
import { benchPlans } from './planBench';
import { benchPowerCut } from './powerCutBench';
import { benchRestores } from './restoreBench';
import { benchPress } from './pressBench';
import { benchRecipeList } from './recipeListBench';
import { benchExamples } from './said/examplesBench';
import { benchSaid } from './saidBench';
import { benchGlazeCard } from './glazeCardBench';
import { benchSheet } from './sheetBench';
import { benchShelfWork, benchTables } from './tableBench';
import { benchThinPaint } from './thinPaintBench';
import { benchTyping } from './typingBench';

const benches: Record<string, () => void | Promise<void>> = {
  firstScreen: benchFirstScreen,
  typing: benchTyping,
  pages: benchPages,
  buildUp: benchBuildUp,
  advice: benchAdvice,
  judgement: benchJudgement,
  forms: benchForms,
  aspects: benchAspects,
  crossingAims: benchCrossingAims,
  thinPaint: benchThinPaint,
  overs: benchOvers,
  tables: benchTables,
  shelf: benchShelfWork,
  recipeList: benchRecipeList,
  log: benchLog,
  press: benchPress,
  plan: benchPlans,
  fuzz: benchFuzz,
  kill: benchKill,
  killWork: benchKillWork,
  large: benchLarge,
  powerCut: benchPowerCut,
  said: benchSaid,
  examples: benchExamples,
  sheet: benchSheet,
  glazeCard: benchGlazeCard,
  club: benchClub,
  clubFuzz: benchClubFuzz,
  clubKill: benchClubKill,
  host: benchHost,
  doors: benchDoors,
  restore: benchRestores,
  mutation: benchMutation,
  // Last: its exhaustive searches take about ten minutes.
  match: benchMatch,
};

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in benches));
if (unknown.length > 0) {
  console.error(`No bench ${unknown.join(', ')}; there are ${Object.keys(benches).join(', ')}.`);
  process.exit(2);
}
/** Takes up to an hour, or a quarter of one. */
const onlyWhenAsked = new Set(['mutation', 'doors']);
for (const [name, bench] of Object.entries(benches))
  if (asked.length === 0 ? !onlyWhenAsked.has(name) : asked.includes(name)) await bench();
