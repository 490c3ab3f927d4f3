import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { PAPERS } from '@/app/paper/papers';
import { PAPER_SIZES, type PaperSize, paperSizeOf } from '@/present/paper/paper-size';
import { current } from '@/server/current';
import { requireScope } from '@/server/session';
import { SheetPage } from '@/ui/paper/sheet-page';

type Props = {
  readonly params: Promise<{ paper: string[] }>;
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
};

export async function generateMetadata(props: Props): Promise<Metadata> {
  const { sheet } = await onPaper(...(await addressOf(props)));
  return { title: sheet.title };
}

export default async function Page(props: Props) {
  return <SheetPage {...(await onPaper(...(await addressOf(props))))} />;
}

/** As words, so that the same address is put together once. */
async function addressOf({ params, searchParams }: Props): Promise<[path: string, query: string]> {
  const [{ paper }, query] = await Promise.all([params, searchParams]);
  return [paper.join('/'), JSON.stringify(query)];
}

const onPaper = cache(async (path: string, words: string) => {
  const [name = '', of, ...more] = path.split('/');
  const paper = Object.hasOwn(PAPERS, name) ? PAPERS[name] : undefined;
  if (!paper || more.length > 0) notFound();
  const query = JSON.parse(words) as Awaited<Props['searchParams']>;
  const [scope, state] = await Promise.all([requireScope(), current()]);
  const asked = { scope, state, of: of && decodeURIComponent(of), query };
  const sheet = await paper.sheet(asked);
  if (!sheet) notFound();
  const size = paperSizeOf(query.paper, state.household.units);
  return { sheet, size, sizes: sizesOf(query, size), back: paper.back(asked) };
});

/** The same paper on each size, with all else that was asked for. */
function sizesOf(query: Awaited<Props['searchParams']>, chosen: PaperSize) {
  return (Object.keys(PAPER_SIZES) as PaperSize[]).map((size) => {
    const asked = Object.entries(query).flatMap(([key, value]) =>
      typeof value === 'string' ? [[key, value] as const] : [],
    );
    const all = new URLSearchParams(Object.fromEntries([...asked, ['paper', size] as const]));
    return { name: PAPER_SIZES[size].name, href: `?${all}`, isChosen: size === chosen };
  });
}
