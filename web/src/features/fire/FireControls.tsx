import * as texts from 'texts/fire/FireControls';
import { useState } from 'react';
import { Link } from 'react-router';
import { setSounds, soundsOn } from './sounds';

export type Pane = 'trace' | 'order' | 'laid';

/** What is seldom needed at the fire: other panes, sounds, the end. */
export function FireControls({
  pane,
  onPane,
  onEnd,
  className,
}: {
  pane: Pane;
  onPane: (pane: Pane) => void;
  onEnd: () => void;
  className: string;
}) {
  const [sounds, setOn] = useState(soundsOn);
  return (
    <span className={className}>
      <Quiet on={pane === 'order'} onTap={() => onPane(pane === 'order' ? 'trace' : 'order')}>
        {texts.order}
      </Quiet>
      <Quiet on={pane === 'laid'} onTap={() => onPane(pane === 'laid' ? 'trace' : 'laid')}>
        {texts.checklist}
      </Quiet>
      <Quiet
        on={sounds}
        onTap={() => {
          setSounds(!sounds);
          setOn(!sounds);
        }}
      >
        {sounds ? texts.soundsOn : texts.soundsOff}
      </Quiet>
      <Quiet on={false} onTap={onEnd}>
        {texts.end}
      </Quiet>
      <Link to="/fire" className={`${TARGET} underline decoration-line underline-offset-4`}>
        {texts.leave}
      </Link>
    </span>
  );
}

const TARGET = 'inline-flex min-h-11 items-center';

function Quiet({ on, onTap, children }: { on: boolean; onTap: () => void; children: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`${TARGET} underline decoration-line underline-offset-4 ${on ? 'text-ink' : ''}`}
      onClick={onTap}
    >
      {children}
    </button>
  );
}
