// What a component's styles come to is known when the application is built: the names of their classes are written into it
// then, in place of the calls that would make them up again each time the component is drawn, on the server and in hand.
import { parse } from '@babel/parser';
import traverseModule from '@babel/traverse';
import MagicString from 'magic-string';

/** The package is of the older sort of modules. */
const traverse = traverseModule.default ?? traverseModule;

const STYLES = '@/ui/theme/made/css';
const NAMES = '../../ui/theme/made/css/css.js';
/** Each condition doubles what is written out. */
const MOST_CONDITIONS = 3;

/** For the bundler: a source with the names of classes written out. */
export default async function loader(source) {
  const done = this.async();
  try {
    const { css } = await import(NAMES);
    const { code, map } = writtenOut(source, css, this.resourcePath);
    done(null, code, map);
  } catch (error) {
    done(error);
  }
}

/**
 * `css({ m: 0 })` becomes `"m_0"`, and `css({ m: wide ? 1 : 0 })` becomes `(wide ? "m_1" : "m_0")`, where all that it is
 * given stands in the same file and never changes.
 */
export function writtenOut(source, css, file = '') {
  const text = new MagicString(source);
  traverse(parse(source, { sourceType: 'module', plugins: ['typescript', 'jsx'] }), {
    CallExpression(path) {
      if (!isOfStyles(path.get('callee'))) return;
      const written = namesOf(path, source, css);
      if (written !== undefined) text.overwrite(path.node.start, path.node.end, written);
    },
  });
  return { code: text.toString(), map: text.generateMap({ source: file, hires: true }) };
}

function isOfStyles(callee) {
  return callee.isIdentifier() && callee.referencesImport(STYLES, 'css');
}

/** The expression that stands for a call; undefined where what it is given is known only later. */
function namesOf(call, source, css) {
  const wordsOf = ({ node }) => source.slice(node.start, node.end);
  const write = (known) => {
    try {
      const given = call.get('arguments').map((argument) => valueAt(argument, known, wordsOf));
      return JSON.stringify(css(...given));
    } catch (open) {
      if (!(open instanceof OpenCondition) || known.size === MOST_CONDITIONS) throw open;
      const under = (holds) => write(new Map(known).set(open.words, holds));
      return `(${open.words} ? ${under(true)} : ${under(false)})`;
    }
  };
  try {
    return write(new Map());
  } catch (unknown) {
    if (unknown instanceof OpenCondition || unknown instanceof KnownLater) return undefined;
    throw unknown;
  }
}

/** It hangs on a condition whether one value or another is meant. */
class OpenCondition extends Error {
  constructor(words) {
    super();
    this.words = words;
  }
}

class KnownLater extends Error {}

/** Of an expression, under conditions that are settled by their words. Throws what keeps it from being known. */
function valueAt(path, known, wordsOf) {
  const next = (inner) => valueAt(inner, known, wordsOf);
  const holds = (test) => {
    const words = wordsOf(test);
    if (!known.has(words)) throw new OpenCondition(words);
    return known.get(words);
  };
  if (path.isTSAsExpression() || path.isTSSatisfiesExpression()) return next(path.get('expression'));
  if (path.isConditionalExpression())
    return next(path.get(holds(path.get('test')) ? 'consequent' : 'alternate'));
  if (path.isLogicalExpression({ operator: '&&' }))
    return holds(path.get('left')) ? next(path.get('right')) : undefined;
  if (path.isObjectExpression()) return Object.assign({}, ...path.get('properties').map(partWith(next)));
  if (path.isIdentifier() && path.scope.getBinding(path.node.name)?.kind === 'const')
    return next(valueGivenTo(path));
  const { confident, value } = path.evaluate();
  if (!confident) throw new KnownLater();
  return value;
}

/** What stands at the name's own place. */
function valueGivenTo(name) {
  const { path, constantViolations } = name.scope.getBinding(name.node.name);
  if (constantViolations.length > 0 || !path.isVariableDeclarator() || !path.get('id').isIdentifier())
    throw new KnownLater();
  return path.get('init');
}

function partWith(valueWithin) {
  return (property) => {
    if (property.isSpreadElement()) return valueWithin(property.get('argument'));
    const { key, computed } = property.node;
    if (!property.isObjectProperty() || computed) throw new KnownLater();
    return { [key.name ?? key.value]: valueWithin(property.get('value')) };
  };
}
