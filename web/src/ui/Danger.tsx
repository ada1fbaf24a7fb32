import * as texts from 'texts/ui/Danger';
import { Words } from './Words';

/** Where it can hurt, beside the thing it is about. */
export function Danger({ words, className = '' }: { words: string; className?: string }) {
  return (
    <p className={`border-l-4 border-ink pl-3 ${className}`}>
      <b>{texts.safety} </b>
      <Words of={words} />
    </p>
  );
}
