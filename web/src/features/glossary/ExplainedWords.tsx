import * as texts from 'texts/glossary/ExplainedWords';
import { Popover } from 'radix-ui';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { renderWords } from '../../units';
import { useUnits } from '../../ui/Words';
import { dotted } from './dotted';
import { anchor, type Term } from './terms';

/** A sentence in the reader's units; words of the trade are dotted and explained where they stand. */
export function ExplainedWords({ of }: { of: string }) {
  const units = useUnits();
  return (
    <>
      {dotted(renderWords(of, units)).map(({ words, term }, i) =>
        term ? <Explained key={i} words={words} term={term} /> : <Fragment key={i}>{words}</Fragment>,
      )}
    </>
  );
}

function Explained({ words, term }: { words: string; term: Term }) {
  return (
    <Popover.Root>
      <Popover.Trigger
        className="underline decoration-dotted underline-offset-4 hover:decoration-solid"
        title={texts.whatDoesThisMean}
      >
        {words}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={texts.glossaryTerm({ term: term.name })}
          collisionPadding={12}
          sideOffset={6}
          className="z-50 max-w-xs border border-ink bg-raised px-4 py-3 text-[15px] leading-snug"
        >
          <p>
            <b>{term.name}.</b> {term.meaning}
          </p>
          <Link
            to={`/glossary#${anchor(term.key)}`}
            className="mt-2 inline-block underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            {texts.openInTheGlossary}
          </Link>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
