import type { Knex } from 'knex';
import { keepPots } from './2026-11-24-keep-pots';
import { keepArmies } from './2026-11-25-keep-armies';
import { keepLog } from './2026-11-25-keep-log';
import { keepPalettes } from './2026-11-25-keep-palettes';
import { keepVersions } from './2026-11-25-keep-versions';
import { keepRecipes } from './2026-11-24-keep-recipes';
import { keepMembers } from './2026-11-26-keep-members';
import { keepPhotographs } from './2026-11-26-keep-photographs';
import { countRestores } from './2026-11-26-count-restores';
import { drawInOneTable } from './2026-11-26-draw-in-one-table';
import { keepTimetables } from './2026-11-26-keep-timetables';
import { nameTheLedger } from './2026-11-26-name-the-ledger';
import { rememberWhatIsGone } from './2026-11-26-remember-what-is-gone';
import { keepClaims } from './2026-11-27-keep-claims';
import { keepLoans } from './2026-11-27-keep-loans';
import { keepProposals } from './2026-11-27-keep-proposals';
import { knowDevices } from './2026-12-01-know-devices';
import { openToMembers } from './2026-12-01-open-to-members';
import { askAgain } from './2026-12-01-ask-again';
import { addSecondFactor } from './2026-12-01-add-second-factor';
import { tellOfLinks } from './2026-12-01-tell-of-links';
import { keepFormerStates } from './2026-12-02-keep-former-states';
import { sayWhose } from './2026-11-27-say-whose';
import { noteInTheLog } from './2026-11-26-note-in-the-log';

/** In the order they are applied; forward only. */
export const migrations: Record<string, Knex.Migration> = {
  '2026-11-24-keep-pots': keepPots,
  '2026-11-24-keep-recipes': keepRecipes,
  '2026-11-25-keep-versions': keepVersions,
  '2026-11-25-keep-palettes': keepPalettes,
  '2026-11-25-keep-armies': keepArmies,
  '2026-11-25-keep-log': keepLog,
  '2026-11-26-draw-in-one-table': drawInOneTable,
  '2026-11-26-keep-timetables': keepTimetables,
  '2026-11-26-note-in-the-log': noteInTheLog,
  '2026-11-26-remember-what-is-gone': rememberWhatIsGone,
  '2026-11-26-name-the-ledger': nameTheLedger,
  '2026-11-26-count-restores': countRestores,
  '2026-11-26-keep-photographs': keepPhotographs,
  '2026-11-26-keep-members': keepMembers,
  '2026-11-27-say-whose': sayWhose,
  '2026-11-27-keep-proposals': keepProposals,
  '2026-11-27-keep-claims': keepClaims,
  '2026-11-27-keep-loans': keepLoans,
  '2026-12-01-know-devices': knowDevices,
  '2026-12-01-open-to-members': openToMembers,
  '2026-12-01-tell-of-links': tellOfLinks,
  '2026-12-01-ask-again': askAgain,
  '2026-12-01-add-second-factor': addSecondFactor,
  '2026-12-02-keep-former-states': keepFormerStates,
};
