import {
  brushFacts,
  brushNames,
  brushSizes,
  strokeFacts,
  strokeNames,
  type Tool,
} from '../../../written/technique/tool';

/** How what a line is put on with is said; each phrase says one thing of it. */
export const toolPhrases: { phrases: string; tool: Tool }[] = [
  ...brushNames.map((brush) => ({
    phrases:
      brush === 'sponge' ? 'torn sponge|sponge|with a sponge' : `${brushFacts(brush).label} brush`,
    tool: { brush },
  })),
  ...brushSizes.map((size) => ({
    phrases: [`brush size ${size}`, ...(size === 'medium' ? [] : [`${size} brush`])].join('|'),
    tool: { size },
  })),
  { phrases: 'old brush|worn brush|an old brush|a worn brush', tool: { isOld: true } },
  { phrases: 'new brush', tool: { isOld: false } },
  { phrases: 'its tip|with its tip|tip of the brush', tool: { uses: 'tip' } },
  { phrases: 'its side|with its side|side of the brush', tool: { uses: 'side' } },
  ...strokeNames.map((stroke) => ({
    phrases: [`strokes ${strokeFacts(stroke).label}`, strokeFacts(stroke).label]
      .filter((phrase) => phrase !== 'stippled')
      .join('|'),
    tool: { stroke },
  })),
  {
    phrases: 'ends drawn out with a damp brush|feathered with a damp brush',
    tool: { feathers: true },
  },
  { phrases: 'ends not drawn out', tool: { feathers: false } },
];

/** The phrases for each property of a tool. */
export function toolWordsSaid(tool: Tool | undefined): string[] {
  return Object.entries(tool ?? {}).map(([fact, value]) => {
    const phrase = toolPhrases.find(({ tool: each }) => each[fact as keyof Tool] === value);
    return phrase?.phrases.split('|')[0] ?? '';
  });
}
