import * as texts from 'texts/billet/PatternChoice';
import { ToggleGroup } from 'radix-ui';
import { SmallPicture } from '../picture/SmallPicture';
import { type NamedPattern } from './patterns';
import { patternSight } from './stageSights';

const SHOWN = { width: 172, height: 60 };

/** Patterns with a name, each as it will look. */
export function PatternChoice({
  patterns,
  chosen,
  onChoose,
}: {
  patterns: readonly NamedPattern[];
  chosen: NamedPattern | null;
  onChoose: (pattern: NamedPattern) => void;
}) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={texts.pattern}
      value={chosen?.id ?? ''}
      onValueChange={(id) => {
        const pattern = patterns.find((p) => p.id === id);
        if (pattern) onChoose(pattern);
      }}
      className="grid grid-cols-2 gap-3"
    >
      {patterns.map((p) => (
        <ToggleGroup.Item
          key={p.id}
          value={p.id}
          title={p.about}
          className="border border-line text-left hover:border-ink data-[state=on]:outline-2 data-[state=on]:outline-ink"
        >
          <span className="flex justify-center overflow-hidden">
            <SmallPicture sight={patternSight(p)} {...SHOWN} />
          </span>
          <span className="block px-2 py-1 leading-tight">{p.name}</span>
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
