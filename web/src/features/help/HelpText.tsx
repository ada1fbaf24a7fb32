import * as texts from 'texts/help/HelpText';
import { Link } from 'react-router';
import { anchor, termOf } from '../glossary/terms';
import { helpOf } from './views';

/** What the view at an address is, what to do next, and the words it uses. */
export function HelpText({ pathname }: { pathname: string }) {
  const help = helpOf(pathname);
  if (!help) return null;
  return (
    <>
      <h2 className="text-lg">{help.title}</h2>
      <p className="pt-1">{help.about}</p>
      <p className="pt-2">
        <b>{texts.next} </b>
        {help.next}
      </p>
      {help.terms.length > 0 && (
        <dl aria-label={texts.wordsOnThisPage} className="pt-3 text-[14px] leading-snug">
          {help.terms.map((key) => (
            <div key={key} className="border-t border-rule py-1.5">
              <dt className="inline font-semibold">
                <Link
                  to={`/glossary#${anchor(key)}`}
                  className="underline decoration-dotted underline-offset-4 hover:decoration-solid"
                >
                  {termOf(key)?.name}
                </Link>
              </dt>{' '}
              <dd className="inline">{termOf(key)?.meaning}</dd>
            </div>
          ))}
        </dl>
      )}
    </>
  );
}
