const riddle = /^[\s*]*(What|Who|Whoever|Whatever|Whose|Nobody|Nothing that)\b/u;

/** A comment names the thing or the reason; one that begins with “what” or “who” has to be read twice. */
export default {
  meta: {
    type: 'suggestion',
    schema: [],
    messages: { riddle: 'Name the thing or the reason: a comment does not begin with “{{word}}”.' },
  },
  create: (context) => ({
    Program() {
      for (const comment of context.sourceCode.getAllComments()) {
        const [, word] = riddle.exec(comment.value) ?? [];
        if (word) context.report({ loc: comment.loc, messageId: 'riddle', data: { word } });
      }
    },
  }),
};
