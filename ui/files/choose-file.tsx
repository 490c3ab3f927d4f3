'use client';
import Button from '@mui/material/Button';

/** A button that opens the choice of a file. */
export function ChooseFile({
  label,
  accept,
  busy,
  onFile,
}: {
  label: string;
  accept: string;
  busy: boolean;
  onFile: (file: File) => void;
}) {
  return (
    <Button
      component="label"
      variant="outlined"
      loading={busy}
      role="presentation"
      tabIndex={-1}
      sx={{ position: 'relative' }}
    >
      {label}
      <input
        type="file"
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          // So that the same file can be chosen again once it is mended.
          event.target.value = '';
          if (file) onFile(file);
        }}
        style={{ position: 'absolute', inset: 0, opacity: 0, cursor: 'pointer' }}
      />
    </Button>
  );
}
