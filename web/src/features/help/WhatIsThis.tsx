import * as texts from 'texts/help/WhatIsThis';
import { Popover } from 'radix-ui';
import { useLocation } from 'react-router';
import { HelpText } from './HelpText';

/** The help of the view that is open, under its button. */
export function WhatIsThis({ onClose }: { onClose: () => void }) {
  const { pathname } = useLocation();
  return (
    <Popover.Root defaultOpen onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor className="absolute right-0 bottom-0" />
      <Popover.Portal>
        <Popover.Content
          aria-label={texts.whatIsThis}
          align="end"
          collisionPadding={12}
          sideOffset={10}
          className="z-50 max-h-[80vh] w-[min(26rem,calc(100vw-24px))] overflow-y-auto border border-ink bg-raised px-5 py-4 leading-snug whitespace-normal text-ink"
        >
          <HelpText pathname={pathname} />
          <Popover.Close className="mt-3 underline decoration-line underline-offset-4 hover:decoration-ink">
            {texts.close}
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
