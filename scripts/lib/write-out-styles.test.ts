import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { css } from '@/ui/theme/made/css';
import { root } from './root.mjs';
import { writtenOut } from './write-out-styles.mjs';

const IMPORT = "import { css } from '@/ui/theme/made/css';\n";
const written = (source: string) =>
  writtenOut(IMPORT + source, css as Parameters<typeof writtenOut>[1]).code.slice(IMPORT.length);

describe('styles as they are written out when the application is built', () => {
  it('are the names that the call would give', () => {
    const given = { display: 'flex', mt: -0.5, px: { base: 1, md: 4 }, '& > a': { color: 'ink' } } as const;
    expect(written(`const Row = () => <p className={css(${JSON.stringify(given)})} />;`)).toBe(
      `const Row = () => <p className={${JSON.stringify(css(given))}} />;`,
    );
  });

  it('know what stands in the same file and never changes', () => {
    const named = "const LINE = { m: 0, fontFamily: 'inherit' } as const;\n";
    expect(written(`${named}const a = css(LINE, { m: 1 });`)).toBe(
      `${named}const a = ${JSON.stringify(css({ m: 0, fontFamily: 'inherit' }, { m: 1 }))};`,
    );
  });

  it('are told apart by what they hang on', () => {
    const [wide, slim] = [css({ m: 0, p: 1 }), css({ m: 0, p: 2 })].map((names) => JSON.stringify(names));
    expect(written('const A = ({ on }) => css({ m: 0, p: on ? 1 : 2 });')).toBe(
      `const A = ({ on }) => (on ? ${wide} : ${slim});`,
    );
    expect(written('const A = ({ on }) => css(on ? { m: 0, p: 1 } : { m: 0, p: 2 });')).toBe(
      `const A = ({ on }) => (on ? ${wide} : ${slim});`,
    );
    const named = 'const SLIM = { p: 2 };\n';
    expect(written(`${named}const A = ({ by }) => css({ m: 0, p: 1 }, by === 'key' && SLIM);`)).toBe(
      `${named}const A = ({ by }) => (by === 'key' ? ${slim} : ${wide});`,
    );
    const both = written(
      `const A = ({ a, b }) => css({ m: a ? 0 : 1, ...(b ? { p: 1 } : { p: a ? 2 : 3 }) });`,
    );
    const at = new Function('a', 'b', `return ${both.slice(both.indexOf('=> ') + 3)}`);
    for (const a of [true, false])
      for (const b of [true, false]) expect(at(a, b)).toBe(css({ m: a ? 0 : 1, p: b ? 1 : a ? 2 : 3 }));
  });

  it.each([
    'const A = ({ at }) => <p className={css({ left: at })} />;',
    'const B = ({ a, b, c, d }) => css({ m: a ? 0 : 1, p: b ? 0 : 1, gap: c ? 0 : 1, top: d ? 0 : 1 });',
    "import { LINE } from './line';\nconst c = css(LINE);",
    'let d = { m: 0 };\nd = { m: 1 };\nconst e = css(d);',
    'const { f } = { f: { m: 0 } };\nconst g = css(f);',
    'const h = css({ [name]: 0 });',
    'const i = (css) => css({ m: 0 });',
  ])('stay a call where they are known only later: %s', (source) => {
    expect(written(source)).toBe(source);
  });

  it('are all known: no page carries what makes them up', () => {
    const sources = ['ui', 'app'].flatMap((folder) =>
      readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' }).map((name) =>
        join(folder, name),
      ),
    );
    const pages = sources.filter((name) => name.endsWith('.tsx'));
    expect(pages.length).toBeGreaterThan(200);
    const left = pages.filter((name) => {
      const source = readFileSync(join(root, name), 'utf8');
      return /\bcss\(/.test(writtenOut(source, css as Parameters<typeof writtenOut>[1]).code);
    });
    expect(left).toEqual([]);
  });

  it('leave another function of the same name alone', () => {
    const source = "import { css } from './other';\nconst a = css({ m: 0 });";
    expect(writtenOut(source, css as Parameters<typeof writtenOut>[1]).code).toBe(source);
  });
});
