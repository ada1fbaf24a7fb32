import * as texts from 'texts/billet/OpenCutList';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { LoadFailed } from '../../ui/Notice';
import { Length } from '../../ui/Words';
import { openCutListQuery, type OpenCutList as Wanted } from './api';
import { BarsCutUp } from './CutListView';

/** What to cut from the shelf and what to buy for all billets that are not begun. */
export function OpenCutList() {
  const cuts = useQuery(openCutListQuery);
  return (
    <section aria-label={texts.title} className="pt-6">
      <h2 className="pb-1 text-lg font-semibold">{texts.title}</h2>
      {cuts.isError && <LoadFailed error={cuts.error} again={() => void cuts.refetch()} />}
      {cuts.data &&
        (cuts.data.billets.length === 0 ? (
          <p className="text-soft">{texts.noneOpen}</p>
        ) : (
          <Cuts cuts={cuts.data} />
        ))}
    </section>
  );
}

function Cuts({ cuts }: { cuts: Wanted }) {
  return (
    <>
      <p className="pb-3">
        <span className="text-soft">{texts.together}</span> <Billets of={cuts.billets} />
      </p>
      {cuts.buy.length > 0 && <ToBuy buy={cuts.buy} />}
      <BarsCutUp list={cuts.list} />
    </>
  );
}

function Billets({ of }: { of: Wanted['billets'] }) {
  return of.map((b, i) => (
    <span key={b.id}>
      {i > 0 && ', '}
      <Link to={`/billets/${b.id}`} className="underline">
        {b.name}
      </Link>
    </span>
  ));
}

function ToBuy({ buy }: { buy: Wanted['buy'] }) {
  return (
    <div className="mb-4 overflow-x-auto">
      <table className="w-full text-left">
        <caption className="pb-1 text-left font-semibold">{texts.toBuy}</caption>
        <thead className="condensed text-[13px] text-soft">
          <tr className="border-b border-line [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
            <th>{texts.steel}</th>
            <th>{texts.size}</th>
            <th>{texts.length}</th>
            <th>{texts.longest}</th>
            <th>{texts.price}</th>
            <th>{texts.forBillets}</th>
          </tr>
        </thead>
        <tbody>
          {buy.map((p, i) => (
            <tr key={i} className="border-b border-rule [&>td]:py-1.5 [&>td]:pr-4">
              <td className="font-semibold">{p.steel}</td>
              <td className="condensed whitespace-nowrap">
                <Length mm={p.widthMm} /> × <Length mm={p.thicknessMm} unit />
              </td>
              <td className="whitespace-nowrap">
                <Length mm={p.lengthMm} unit />
              </td>
              <td className="whitespace-nowrap">
                <Length mm={p.longestMm} unit />
              </td>
              <td>{p.price === null ? '—' : p.price.toFixed(2)}</td>
              <td className="text-[14px]">
                <Billets of={p.billets} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
