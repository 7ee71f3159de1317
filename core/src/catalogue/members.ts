import { z } from 'zod';
import { memberNameSchema } from '../club/memberName';
import { roleNames } from '../club/roles';
import { savedAtSchema } from '../written/record/revision';
import { own, ownAndClub } from './grants';
import type { Kind } from './kind';

export const memberSchema = z.strictObject({
  id: z.string(),
  name: memberNameSchema,
  role: z.enum(roleNames, { error: `one of ${roleNames.join(', ')}` }),
  joinedAt: savedAtSchema,
});

export const members: Kind<z.infer<typeof memberSchema>> = {
  schema: memberSchema,
  label: 'member',
  changes: 'set',
  rights: {
    // Members at the table are seen by everyone who looks at it.
    look: { keeper: ownAndClub, painter: ownAndClub, guest: ownAndClub },
    write: { keeper: ownAndClub, painter: own, guest: own },
    delete: { keeper: ownAndClub, painter: own, guest: own },
  },
  names: {},
  since: 8,
  isKeptInBrowser: false,
};
