import { useRef } from 'react';
import { Button, type ButtonProps } from './Button';

/** Opens the camera of a telephone or tablet; elsewhere, where there is none, a file is chosen. */
export function CameraButton({
  label,
  look = '',
  onPhotos,
  ...rest
}: Omit<ButtonProps, 'onClick' | 'children'> & {
  label: string;
  /** In place of a button's usual look. */
  look?: string;
  onPhotos: (photos: readonly File[]) => void;
}) {
  const camera = useRef<HTMLInputElement>(null);
  const open = () => camera.current?.click();
  return (
    <>
      {look === '' ? (
        <Button {...rest} onClick={open}>
          {label}
        </Button>
      ) : (
        <button type="button" {...rest} className={look} onClick={open}>
          {label}
        </button>
      )}
      <input
        ref={camera}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(e) => {
          const photos = [...(e.target.files ?? [])];
          e.target.value = '';
          if (photos.length > 0) onPhotos(photos);
        }}
      />
    </>
  );
}
