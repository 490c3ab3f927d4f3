import { css } from '@/ui/theme/made/css';
import { TextLink } from '../parts/text-link';

type LettersPageProps = {
  readonly letters: readonly {
    readonly to: string;
    readonly subject: string;
    readonly text: string;
    readonly at: string;
  }[];
};

/** Letters as they would have gone out, the latest first. */
export function LettersPage({ letters }: LettersPageProps) {
  return (
    <main className={css({ maxWidth: '72ch', mx: 'auto', p: 3 })}>
      <h1 className={css({ textStyle: 'h1', m: 0 })}>Letters</h1>
      <p className={css({ textStyle: 'body' })}>
        No mail service is set, so letters are kept here until the server stops. Nobody else has got them.
      </p>
      {letters.length === 0 && <p className={css({ textStyle: 'body' })}>There is none yet.</p>}
      {letters.map(({ to, subject, text, at }) => (
        <article key={`${at} ${to}`} className={css({ borderTop: '1px solid', borderColor: 'line', py: 2 })}>
          <h2 className={css({ textStyle: 'h2', m: 0 })}>{subject}</h2>
          <p className={css({ color: 'quiet', m: 0 })}>To {to}</p>
          {text.split('\n').map((line, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the lines of a letter never change.
            <p key={i} className={css({ textStyle: 'body', my: 1, overflowWrap: 'anywhere' })}>
              {linkIn(line) ? <TextLink href={linkIn(line) as string}>{line}</TextLink> : line}
            </p>
          ))}
        </article>
      ))}
    </main>
  );
}

/** The way that a line is, on this very site. */
function linkIn(line: string): string | undefined {
  return /^(?:https?:\/\/[^/]+)?(\/recover#\S+)$/.exec(line)?.[1];
}
