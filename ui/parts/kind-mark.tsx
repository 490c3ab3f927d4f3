/** The mark of a kind of thing, from the one picture that holds them all. */
export function KindMark({ mark, className }: { mark: string; className?: string | undefined }) {
  return (
    <svg className={className} viewBox="0 0 24 24" aria-hidden="true">
      <use href={`/icons/marks.svg#${mark}`} />
    </svg>
  );
}
