import { paletteSchema, potIdsInPalette } from '../answers/palette/well';
import { onTheTable } from './grants';
import { resource } from './kind';

export const palettes = resource({
  schema: paletteSchema,
  label: 'palette',
  nameOf: ({ name }) => name,
  rights: onTheTable,
  names: { potId: ['pots'] },
  potsDrawn: potIdsInPalette,
  since: 0,
});
