import { finishLevels } from '../../../written/recipe/step';
import { entry, type Entry } from './entry';

/** Asides: where paint runs by itself, reasons, and paint that is wiped off again. */
export const asides: readonly Entry[] = [
  entry(
    { kind: 'collects' },
    'let it run into|let it run|let it flow into|let it flow|let it pool in|let it pool into|let it settle in|let it settle into|let it settle|let it sink into|let it sink in|let it gather in|pool it in|pooled in|pooling in|pools in|pool in|runs into|run into|running into|flow into|flows into|settle in|settles in|settle into|collect in|collects in|let it collect in|let it seep into|seeps into|gathers in|gather in',
    1.9,
  ),
  entry(
    { kind: 'aside' },
    "don't worry|dont worry|no need to|where the wash got|where the wash stained|where the wash went|where the wash ran|where the ink got|where the ink went|where it got|where it went|where it ran|where you slipped|where paint got|where i slipped|to tidy up where|to clean up where|not fussed|because|cause|cos|coz|otherwise|or else|or it|which|that way|so it doesn't|so it does not|so you|so that|didn't|did not|doesn't|does not|wick|wicked|wick it off|wipe it off|wipe off|wiped off|rub it off|rub off|rubbed off|dab off|dab the|dab it off|dabbed off|lift it off|soak it up|wash it off|if it looks|if you get|if it gets|in case|even if|even though|unless|as if|as though|to stop|to avoid|to make it|to make the|to help|to hide|wipe it|wipe the|wiping|brush off the excess|get rid of|it rubbed|used to be",
    1.5,
  ),
  ...finishLevels.map((level) =>
    entry(
      { kind: 'level', level },
      `${level} level|at ${level}|${level} only|only for ${level}|for ${level} only|from ${level}|${level} finish`,
    ),
  ),
  entry(
    { kind: 'dry' },
    'dry|dries|drying|dry for|wait|wait for|let it dry|let dry|leave it|leave it to dry|leave to dry|give it|let it dry for|allow to dry for|leave it for|dry time|drying time',
    0.6,
  ),
  entry({ kind: 'minutes', minutes: 1 }, 'min|mins|minute|minutes|m'),
  entry({ kind: 'minutes', minutes: 60 }, 'hour|hours|hr|hrs|h'),
  entry({ kind: 'all' }, 'it all|over it all'),
  entry(
    { kind: 'amount', parts: 2 },
    'twice as much|double the|twice the|twice the amount of',
    1.3,
  ),
  entry(
    { kind: 'pull', pull: 'down' },
    'pulled into the shadows|pulling into the shadows|pulled into the recesses|drag into the shadows|dragged into the shadows|drawn towards the shadows',
    1.5,
  ),
  entry({ kind: 'soft', softness: 0.12 }, 'soft|softly', 0.6),
  entry({ kind: 'soft', softness: 0.24 }, 'very soft|very softly'),
  entry(
    { kind: 'quiet' },
    "all over the place|what's left of|what is left of|whats left of|left over|last but not least|mix up|mix together|mixed up|mix it up|leftover|left over from",
    1.6,
  ),
  entry(
    { kind: 'amount', parts: 1 },
    'equal|an equal part of|equal part|equal part of|as much again of',
    1.1,
  ),
  entry(
    { kind: 'add' },
    'push it with|push that with|push with|bump it with|bump it up with|take it up with|lift it with|warm it up with|mix in some|mixed in with',
  ),
  entry(
    { kind: 'mixAbove' },
    'mid mix|the mid mix|shadow mix|highlight mix|the highlight mix|the shadow mix|midtone mix|the midtone mix',
    1.3,
  ),
  entry({ kind: 'less' }, 'less|a bit less|a little less|not as much|less of'),
  entry(
    { kind: 'quiet' },
    'on top of that|over that|over the top of that|on that|the top of that|with that done|that done|like that|about that|than that|that much|so that',
    1.5,
  ),
  entry(
    { kind: 'quiet' },
    'to clean up|to clean it up|to tidy up|to tidy it up|to neaten|to neaten up|half step|half a step|a half step|halfway|midway|split the difference',
    2.2,
  ),
  entry({ kind: 'coats' }, 'steps|stages'),
  entry({ kind: 'stage', stage: 'finish' }, 'varnish|varnished|varnishing'),
  // “No black”, “without white”: what is not used.
  entry(
    { kind: 'not' },
    'no|without any|never any|not any|off the|off of the|away from the|clear of the|nothing on|nothing in',
    0.9,
  ),
];
