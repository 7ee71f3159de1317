/**
 * Every test runs at least one expectation, whatever happens in it: one that stands only in an `if`,
 * or in a loop that may not run, cannot fail.
 *
 * Where all of them stand in loops or conditions on purpose, `expect.hasAssertions()` at its start lets
 * the test fail when none of them has run; that is what the rule puts in when it mends.
 *
 * An expectation is `expect(…)`, `request.expect(…)`, `fc.assert(…)`, or a call of a function that runs one itself: one of
 * the same file, or one named in the option `helpers`.
 */

const testNames = new Set(['test', 'it']);
/** Functions that always call what they are given. */
const alwaysCalls = new Set(['act', 'step', 'transaction', 'settled', 'batch']);

const isFunction = (node) =>
  ['ArrowFunctionExpression', 'FunctionExpression', 'FunctionDeclaration'].includes(node?.type);

/** @example rootOf(expect(page).not.toBe) // → 'expect' */
function rootOf(node) {
  for (let at = node; at;)
    if (at.type === 'Identifier') return at.name;
    else if (at.type === 'MemberExpression') at = at.object;
    else if (at.type === 'CallExpression') at = at.callee;
    else return null;
  return null;
}

/** Whether a loop runs at least once, as far as it can be seen: over a list that is written out. */
function surelyRuns(loop) {
  const { right } = loop;
  // runs(…) is how often a case is tried, and never nought.
  if (loop.type === 'ForStatement')
    return loop.test?.right?.type === 'Literal' || rootOf(loop.test?.right) === 'runs';
  if (right?.type === 'TSAsExpression') return surelyRuns({ ...loop, right: right.expression });
  return right?.type === 'ArrayExpression' && right.elements.length > 0;
}

class Finder {
  /**
   * @param {ReadonlySet<string>} helpers functions that expect something
   * @param {ReadonlyMap<string, object>} own functions of the same file
   */
  constructor(helpers, own) {
    this.helpers = helpers;
    this.own = own;
    this.looking = new Set();
  }

  expects(node) {
    if (!node || typeof node.type !== 'string') return false;
    switch (node.type) {
      case 'IfStatement':
        return (
          this.expects(node.test) ||
          (node.alternate !== null && this.expects(node.consequent) && this.expects(node.alternate))
        );
      case 'ConditionalExpression':
        return (
          this.expects(node.test) || (this.expects(node.consequent) && this.expects(node.alternate))
        );
      case 'LogicalExpression':
        return this.expects(node.left);
      case 'ForStatement':
      case 'ForOfStatement':
      case 'ForInStatement':
        return surelyRuns(node) && this.expects(node.body);
      case 'WhileStatement':
      case 'SwitchStatement':
        return false;
      case 'CatchClause':
        return false;
      case 'ArrowFunctionExpression':
      case 'FunctionExpression':
      case 'FunctionDeclaration':
        return false;
      case 'CallExpression':
        return this.callExpects(node);
      default:
        return childrenOf(node).some((child) => this.expects(child));
    }
  }

  callExpects(node) {
    const name = rootOf(node.callee);
    const last = node.callee.type === 'MemberExpression' ? node.callee.property.name : name;
    // supertest checks the answer of a request by `.expect(status)`.
    if (name === 'expect' || last === 'expect' || (name === 'fc' && last === 'assert')) return true;
    if (this.helpers.has(name) || this.helpers.has(last)) return true;
    if (this.own.has(name) && node.callee.type === 'Identifier' && this.functionExpects(name))
      return true;
    const given = node.arguments.filter(isFunction);
    if (alwaysCalls.has(last) && given.some(({ body }) => this.expects(body))) return true;
    return [node.callee, ...node.arguments].some((each) => this.expects(each));
  }

  functionExpects(name) {
    if (this.looking.has(name)) return false;
    this.looking.add(name);
    const found = this.expects(this.own.get(name).body);
    this.looking.delete(name);
    return found;
  }
}

function childrenOf(node) {
  return Object.entries(node).flatMap(([key, value]) => {
    if (key === 'parent' || value === null || typeof value !== 'object') return [];
    return Array.isArray(value) ? value.filter((each) => each?.type) : value.type ? [value] : [];
  });
}

/** Functions that are declared, or kept under a name, anywhere in the file. */
function functionsIn(program) {
  const found = new Map();
  const walk = (node) => {
    if (node.type === 'FunctionDeclaration' && node.id) found.set(node.id.name, node);
    if (
      node.type === 'VariableDeclarator' &&
      node.id.type === 'Identifier' &&
      isFunction(node.init)
    )
      found.set(node.id.name, node.init);
    childrenOf(node).forEach(walk);
  };
  walk(program);
  return found;
}

export default {
  meta: {
    type: 'problem',
    fixable: 'code',
    schema: [
      {
        type: 'object',
        properties: { helpers: { type: 'array', items: { type: 'string' } } },
        additionalProperties: false,
      },
    ],
    messages: {
      none: 'This test may run no expectation: one should stand outside of any condition, and of any loop that may not run.',
    },
  },
  create(context) {
    const helpers = new Set(context.options[0]?.helpers ?? []);
    let finder = null;
    return {
      Program(program) {
        finder = new Finder(helpers, functionsIn(program));
      },
      CallExpression(node) {
        // test(…), test.only(…), test.each(…)(…); not test.describe(…) or test.beforeEach(…).
        const isEach =
          node.callee.type === 'CallExpression' && node.callee.callee.property?.name === 'each';
        const isTest = isEach
          ? testNames.has(rootOf(node.callee))
          : (node.callee.type === 'Identifier' && testNames.has(node.callee.name)) ||
            (node.callee.type === 'MemberExpression' &&
              testNames.has(node.callee.object.name) &&
              ['only', 'skip', 'concurrent'].includes(node.callee.property.name));
        if (!isTest) return;
        const body = node.arguments.find(isFunction);
        if (!body || finder.expects(body.body)) return;
        const [first] = body.body.type === 'BlockStatement' ? body.body.body : [];
        const isOfJest = /\.test\.tsx?$/.test(context.filename);
        context.report({
          node,
          messageId: 'none',
          fix: (fixer) =>
            isOfJest && first ? fixer.insertTextBefore(first, 'expect.hasAssertions();\n') : null,
        });
      },
    };
  },
};
