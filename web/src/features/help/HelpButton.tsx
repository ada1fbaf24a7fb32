import * as texts from 'texts/help/HelpButton';
import { lazy, Suspense, useState } from 'react';
import { useLocation } from 'react-router';

const WhatIsThis = lazy(() => import('./WhatIsThis').then((m) => ({ default: m.WhatIsThis })));

/** Opens the help of the view; its words are loaded when they are first asked for. */
export function HelpButton({ className = 'hover:text-ink' }: { className?: string }) {
  const { pathname } = useLocation();
  const [openAt, setOpenAt] = useState<string | null>(null);
  const open = openAt === pathname;
  return (
    <span className="relative">
      <button
        type="button"
        className={className}
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpenAt(pathname)}
      >
        {texts.whatIsThis}
      </button>
      {open && (
        <Suspense fallback={null}>
          <WhatIsThis onClose={() => setOpenAt(null)} />
        </Suspense>
      )}
    </span>
  );
}
