'use client';

/** Opens the browser's own printing, which also saves as PDF. */
export function PrintButton({ className }: { readonly className: string | undefined }) {
  return (
    <button type="button" className={className} onClick={() => window.print()}>
      Print, or save as PDF
    </button>
  );
}
