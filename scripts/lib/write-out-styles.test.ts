import { describe, expect, it } from 'vitest';
import { css } from '@/ui/theme/made/css';
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

  it.each([
    'const A = ({ at }) => <p className={css({ left: at })} />;',
    'const B = ({ on }) => <p className={css(on ? { m: 0 } : { m: 1 })} />;',
    "import { LINE } from './line';\nconst c = css(LINE);",
    'let d = { m: 0 };\nd = { m: 1 };\nconst e = css(d);',
    'const f = (css) => css({ m: 0 });',
  ])('stay a call where they are known only later: %s', (source) => {
    expect(written(source)).toBe(source);
  });

  it('leave another function of the same name alone', () => {
    const source = "import { css } from './other';\nconst a = css({ m: 0 });";
    expect(writtenOut(source, css as Parameters<typeof writtenOut>[1]).code).toBe(source);
  });
});
