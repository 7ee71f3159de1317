/** Words that are not used on screen, each with the plain one; `../shared/words.md` has the list. */
const retired = [
  [/\breckon(ed|ing|s)?\b/iu, 'expected, worked out'],
  [/\banew\b/iu, 'again, new'],
  [/\b(it went|painted|look at it|ends) otherwise\b/iu, 'differently'],
  [/\bstands? in for\b|\bstand-ins?\b/iu, 'substitute'],
  [/\b(was|were|put|puts) out of\b|\bPut out\b/u, 'removed'],
  [/\btak(e|es|en|ing) in\b/iu, 'import'],
  [/\blet go\b/iu, 'give back, discard'],
  [/\b(bring|brings|brought) back\b/iu, 'restore'],
  [/\bdeeds?\b/iu, 'action'],
  [/\bheed(s|ed)?\b/iu, 'mind'],
  [/\bwhereof\b/iu, 'of which'],
  [/\b(the|a) house\b/iu, 'club'],
  [/\bhouse recipes?\b/iu, 'club recipe'],
  [/\bkeepers?\b/iu, 'manager'],
  [/\bretired?\b/iu, 'remove'],
  [/\bleaf\b/iu, 'tab'],
  [/\bstarker\b/iu, 'stronger'],
  [/\b(come|comes|came|coming) in with\b/iu, 'log in with'],
  [/\bfreez(e|es|ing)\b|\bfrozen\b/iu, 'save as a version'],
  [/\bfork(s|ed)?\b/iu, 'copy as a variant'],
];

/** Values that are stored so and never shown. */
const stored = new Set(['let go', 'one of taken, let go', 'was put out']);

const readAttributes =
  /^(label|title|aria-label|aria-valuetext|alt|placeholder|none|noneMeans|legend|tip|action|caption|unit)$/u;

/** Text that people read: of elements and read attributes, and other strings that hold a sentence. */
export default {
  meta: {
    type: 'suggestion',
    schema: [],
    messages: { retired: '“{{word}}” is not used on screen; say “{{plain}}”.' },
  },
  create(context) {
    const check = (node, text) => {
      for (const [pattern, plain] of retired) {
        const [word] = pattern.exec(text) ?? [];
        if (word) context.report({ node, messageId: 'retired', data: { word, plain } });
      }
    };
    const isSentence = (text) => /\p{L}[,.;:]? \p{L}/u.test(text) || /^\p{Lu}\p{Ll}+$/u.test(text);
    return {
      JSXText: (node) => check(node, node.value),
      JSXAttribute({ name, value }) {
        if (value?.type === 'Literal' && readAttributes.test(name.name))
          check(value, String(value.value));
      },
      Literal(node) {
        const { parent, value } = node;
        if (typeof value !== 'string' || stored.has(value) || !isSentence(value)) return;
        if (
          /^(JSXAttribute|TSLiteralType|ImportDeclaration|ExportNamedDeclaration|MemberExpression)$/u.test(
            parent.type,
          )
        )
          return;
        if (parent.type === 'Property' && parent.key === node) return;
        check(node, value);
      },
      TemplateLiteral(node) {
        const text = node.quasis.map(({ value }) => value.cooked).join('…');
        if (isSentence(text)) check(node, text);
      },
    };
  },
};
