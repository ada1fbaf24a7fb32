import { Kbd } from '../billet/Keys';
import { ACT_KEYS, ACT_WORDS, type Act } from './api';

/** Every key of a session, in place. */
export function KeyHelp({ many }: { many: number }) {
  const others: readonly (readonly [string, string])[] = [
    ['Space', 'the wide button; also Page Down, for a foot switch'],
    ...Object.entries(ACT_KEYS).map(([act, key]) => [key, ACT_WORDS[act as Act].toLowerCase()] as const),
    ['Z', 'undo'],
    ...(many > 1 ? [[`1 – ${many}`, 'another billet'] as const] : []),
    ['R', 'order of work'],
    ['A', 'checklist'],
    ['E', 'end the session'],
    ['?', 'hide the keys'],
  ];
  return (
    <p className="flex min-h-[104px] flex-wrap content-center gap-x-6 gap-y-2 border-2 border-line px-5 text-[15px]">
      {others.map(([key, does]) => (
        <span key={key}>
          <Kbd>{key}</Kbd> {does}
        </span>
      ))}
    </p>
  );
}
