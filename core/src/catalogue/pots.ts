import { potSchema } from '../written/pot/pot';
import { workedOnTogether } from './grants';
import { resource } from './kind';

export const pots = resource({
  schema: potSchema,
  label: 'pot',
  nameOf: ({ name }) => name,
  rights: workedOnTogether,
  names: {},
  since: 0,
  hasHistory: true,
});
