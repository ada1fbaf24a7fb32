import * as texts from 'texts/schedule/SizeFields';
import { MeasureField } from '../../ui/MeasureField';
import type { Size } from './api';

const FIELDS = [
  { name: 'lengthMm', label: texts.length },
  { name: 'widthMm', label: texts.width },
  { name: 'heightMm', label: texts.height },
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
          onCommit={(mm) => (mm > 0 ? onSize({ [name]: mm }) : texts.enterMoreThan0)}
        />
      ))}
    </div>
  );
}
