import { useRef } from 'react';
import { Button, type ButtonProps } from './Button';

/** Files that are taken as photographs. */
export const PHOTOS = 'image/jpeg,image/png';

/** A button that asks for a file; the same file can be given again after it was edited. */
export function FileButton({
  name,
  accept,
  onFile,
  ...button
}: {
  name: string;
  accept: string;
  onFile: (file: File) => void;
} & ButtonProps) {
  const field = useRef<HTMLInputElement>(null);
  return (
    // The hidden field is placed in here, and does not make the page longer.
    <span className="relative inline-block">
      <Button {...button} onClick={() => field.current?.click()} />
      <input
        ref={field}
        type="file"
        accept={accept}
        aria-label={name}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          if (file) onFile(file);
          e.target.value = '';
        }}
      />
    </span>
  );
}
