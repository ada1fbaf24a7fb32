import { MeasureField } from '../../ui/MeasureField';
import type { Size } from './api';

const FIELDS = [
  { name: 'lengthMm', label: 'Length' },
  { name: 'widthMm', label: 'Width' },
  { name: 'heightMm', label: 'Height' },
] as const;

/** Length, width and height of a bar in a row. */
export function SizeFields({ size, onSize }: { size: Size; onSize: (change: Partial<Size>) => null }) {
  return (
    <div className="grid grid-cols-3 gap-2">
      {FIELDS.map(({ name, label }) => (
        <MeasureField
          key={name}
          label={label}
          measure="length"
          width="w-full"
          value={size[name]}
          onCommit={(mm) => (mm > 0 ? onSize({ [name]: mm }) : 'Enter more than 0.')}
        />
      ))}
    </div>
  );
}
