import * as texts from 'texts/photograph/Working';
import { Button } from '../../ui/Button';

/** A photograph is being worked on; it can be cancelled. */
export function Working({ words, onCancel }: { words: string; onCancel: () => void }) {
  return (
    <p role="status" className="flex items-center gap-4 py-2">
      <span className="text-xl">{words}</span>
      <Button onClick={onCancel}>{texts.cancel}</Button>
    </p>
  );
}
