// What a component's styles come to is known when the application is built: the names of their classes are written into it
// then, in place of the calls that would make them up again each time the component is drawn, on the server and in hand.
import { parse } from '@babel/parser';
import traverseModule from '@babel/traverse';
import MagicString from 'magic-string';

/** The package is of the older sort of modules. */
const traverse = traverseModule.default ?? traverseModule;

const STYLES = '@/ui/theme/made/css';
const NAMES = '../../ui/theme/made/css/css.js';

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

/** `css({ m: 0 })` becomes `"m_0"` where all that it is given stands in the same file and never changes. */
export function writtenOut(source, css, file = '') {
  const text = new MagicString(source);
  const tree = parse(source, { sourceType: 'module', plugins: ['typescript', 'jsx'] });
  traverse(tree, { TSAsExpression: (path) => void path.replaceWith(path.node.expression) });
  traverse(tree, {
    CallExpression(path) {
      if (!isOfStyles(path.get('callee'))) return;
      const given = path.get('arguments').map((argument) => argument.evaluate());
      if (!given.every(({ confident }) => confident)) return;
      const { start, end } = path.node;
      text.overwrite(start, end, JSON.stringify(css(...given.map(({ value }) => value))));
    },
  });
  return { code: text.toString(), map: text.generateMap({ source: file, hires: true }) };
}

function isOfStyles(callee) {
  return callee.isIdentifier() && callee.referencesImport(STYLES, 'css');
}
