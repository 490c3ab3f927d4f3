import { PAPER_SIZES, type PaperSize } from '@/present/paper/paper-size';
import type { Block, Line, Sheet, SheetPart } from '@/present/paper/sheet';
import { PrintButton } from './print-button';
import looks from './sheet.module.css';
import { StripDrawing } from './strip-drawing';

type SheetPageProps = {
  readonly sheet: Sheet;
  readonly size: PaperSize;
  /** The same on paper of each size. */
  readonly sizes: readonly { readonly name: string; readonly href: string; readonly isChosen: boolean }[];
  /** Where one comes from. */
  readonly back: { readonly href: string; readonly name: string };
};

/** A paper as it will be printed, with what prints it above. */
export function SheetPage({ sheet, size, sizes, back }: SheetPageProps) {
  const { title, line, parts, empty, wide = false } = sheet;
  return (
    <main id="main" className={wide ? `${looks.sheet} ${looks.wide}` : looks.sheet}>
      <style>{pageRule(size, wide, title)}</style>
      <Bar sizes={sizes} back={back} isEmpty={empty !== undefined} />
      <h1>{title}</h1>
      {line && <p>{line}</p>}
      {empty && <p>{empty}</p>}
      {parts.map((part, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: what is on paper never moves
        <Part key={i} part={part} number={i + 1} />
      ))}
    </main>
  );
}

/** Each page of it has its name and its number. */
function pageRule(size: PaperSize, wide: boolean, title: string): string {
  return `@page { size: ${PAPER_SIZES[size].css}${wide ? ' landscape' : ''}; margin: 14mm 13mm 16mm; @bottom-left { content: "${cssText(title)}"; font-size: 8pt; } @bottom-right { content: counter(page) " / " counter(pages); font-size: 8pt; } }`;
}

/** Safe within the quotes of a style, whatever somebody has called a room. */
function cssText(text: string): string {
  return [...text]
    .map((sign) => (/[\p{L}\p{N} ,.]/u.test(sign) ? sign : `\\${sign.codePointAt(0)?.toString(16)} `))
    .join('');
}

function Bar({
  sizes,
  back,
  isEmpty,
}: Pick<SheetPageProps, 'sizes' | 'back'> & { readonly isEmpty: boolean }) {
  return (
    <nav className={looks.bar} aria-label="Paper">
      {!isEmpty && <PrintButton className={looks.print} />}
      {!isEmpty &&
        sizes.map(({ name, href, isChosen }) => (
          <a key={href} href={href} aria-current={isChosen ? 'true' : undefined}>
            {name}
          </a>
        ))}
      <a href={back.href}>Back to {back.name}</a>
      <a href="/files">All papers</a>
    </nav>
  );
}

function Part({ part, number }: { part: SheetPart; number: number }) {
  const { title, line, blocks, ownPage } = part;
  return (
    <section className={ownPage ? `${looks.part} ${looks.ownPage}` : looks.part}>
      {title && <h2>{title}</h2>}
      {line && <p>{line}</p>}
      {blocks.map((block, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: what is on paper never moves
        <BlockOnPaper key={i} block={block} name={`Table ${number}`} />
      ))}
    </section>
  );
}

/** `name` tells a table from the others on the page. */
function BlockOnPaper({ block, name }: { block: Block; name: string }) {
  switch (block.is) {
    case 'lines':
      return <Lines block={block} />;
    case 'words':
      return <Words block={block} />;
    case 'table':
      return <Table name={name} head={block.head} rows={block.rows} />;
    case 'form':
      return (
        <Table
          name={name}
          head={block.head}
          rows={[...block.rows, ...blankRows(block.head, block.blank)]}
          className={looks.form}
        />
      );
    case 'strip':
      return <StripDrawing strip={block.strip} />;
    case 'ruled':
      return <Ruled block={block} />;
  }
}

type Of<Is extends Block['is']> = Extract<Block, { is: Is }>;

function Lines({ block: { title, lines } }: { block: Of<'lines'> }) {
  return (
    <>
      {title && <h3>{title}</h3>}
      <ul
        className={lines.some(({ at = '' }) => at.length > 4) ? `${looks.lines} ${looks.times}` : looks.lines}
      >
        {lines.map((line, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: what is on paper never moves
          <LineOnPaper key={i} line={line} />
        ))}
      </ul>
    </>
  );
}

const BOXES: Readonly<Record<Line['box'], { readonly sign: string; readonly words: string }>> = {
  open: { sign: '', words: 'To do: ' },
  ticked: { sign: '✓', words: 'Done: ' },
  none: { sign: '', words: '' },
};

function LineOnPaper({ line: { box, at, what, where, side, more = [] } }: { line: Line }) {
  return (
    <li className={looks.line}>
      <span className={box === 'none' ? `${looks.box} ${looks.noBox}` : looks.box} aria-hidden>
        {BOXES[box].sign}
      </span>
      <span className={looks.at}>{at}</span>
      <span>
        {BOXES[box].words && <span className="visually-hidden">{BOXES[box].words}</span>}
        <span className={looks.what}>{what}</span>
        {where && `, ${where}`}
        {more.map((words) => (
          <span key={words} className={looks.more}>
            {words}
          </span>
        ))}
      </span>
      <span className={looks.side}>{side}</span>
    </li>
  );
}

function Words({ block: { title, words } }: { block: Of<'words'> }) {
  return (
    <>
      {title && <h3>{title}</h3>}
      <ul className={words.length === 1 ? `${looks.words} ${looks.single}` : looks.words}>
        {words.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </>
  );
}

type TableProps = {
  readonly name: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly className?: string | undefined;
};

function Table({ name, head, rows, className = '' }: TableProps) {
  return (
    <section className={looks.scroll} aria-label={name} tabIndex={0}>
      <table className={`${looks.table} ${className}`}>
        <thead>
          <tr>
            {head.map((column, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: columns never move
              <th key={i} scope="col">
                {column || <span className="visually-hidden">Name</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: rows never move
            <tr key={i}>
              {row.map((cell, j) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: cells never move
                <td key={j}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function blankRows(head: readonly string[], count: number): string[][] {
  return Array.from({ length: count }, () => head.map(() => ''));
}

function Ruled({ block: { title, rows } }: { block: Of<'ruled'> }) {
  return (
    <>
      <h3>{title}</h3>
      <div aria-hidden>
        {Array.from({ length: rows }, (_, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: empty lines are all alike
          <div key={i} className={looks.rule} />
        ))}
      </div>
    </>
  );
}
