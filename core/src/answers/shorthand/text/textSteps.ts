/** Words of a text that stand for a line, and where they stand in it. */
export interface TextStep {
  words: string;
  from: number;
  to: number;
  /** it ends in a colon, or begins or ends with a sign of headings */
  isHeading?: true;
}

/** The sign before a step in a list: a dash, a box, a number, a letter. */
const listSign =
  /^(?:[-*•–—>·]+\s+|\[[ x]?\]\s*|\(?\d{1,2}[.):](?!\d)\s*|step\s+\d{1,2}\s*[.:)-]?\s*|\(?[a-z][.)]\s+)+/iu;

/** Where one step ends and another begins within a line of text. */
const within = /(?<=\p{L}[.!]?)[.!]\s+(?=\p{Lu})|\s+(?=\(?\d{1,2}[.)]\s+\p{L})/u;

/**
 * The steps of notes as people keep them: one a line, in a list, numbered, or one sentence after
 * the other; headings among them.
 *
 * @example textSteps('Cloak:\n1. base ochre\n2. wash sepia').map(({ words }) => words) // → ['Cloak', 'base ochre', 'wash sepia']
 */
export function textSteps(text: string): TextStep[] {
  const steps: TextStep[] = [];
  let at = 0;
  for (const line of text.split(/(\r\n|\r|\n)/u)) {
    let from = at;
    for (const piece of line.split(within)) {
      const start = text.indexOf(piece, from);
      from = start + piece.length;
      const sign = listSign.exec(piece.trimStart())?.[0].length ?? 0;
      const lead = piece.length - piece.trimStart().length + sign;
      const said = piece.slice(lead).trim();
      const words = said.replace(/^[#=\s]+|[:#=\s]+$/gu, '');
      const at = start + lead + said.indexOf(words);
      if (words)
        steps.push({
          words,
          from: at,
          to: at + words.length,
          ...(words !== said && { isHeading: true as const }),
        });
    }
    at += line.length;
  }
  return steps;
}
