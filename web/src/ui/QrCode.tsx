import type { Schemas } from '../lib/api';

/** A QR code, dark on white in any light: cameras read nothing else reliably. */
export function QrCode({ code, label }: { code: Schemas['NetworkQrCode']; label: string }) {
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${code.dots} ${code.dots}`}
      className="size-44 shrink-0 bg-white"
      shapeRendering="crispEdges"
    >
      <path d={code.path} fill="black" />
    </svg>
  );
}
