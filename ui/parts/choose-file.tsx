'use client';
import { useRef } from 'react';
import { Button } from './button';

type ChooseFileProps = {
  readonly label: string;
  readonly accept: string;
  readonly busy: boolean;
  readonly onFile: (file: File) => void;
};

/** A button that opens the choice of a file. */
export function ChooseFile({ label, accept, busy, onFile }: ChooseFileProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant="outlined" loading={busy} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        tabIndex={-1}
        className="visually-hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          // So that the same file can be chosen again once it is mended.
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
