import * as texts from 'texts/card/CardView';
import type { Units } from '../../units';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { answered, api } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { useUnits } from '../../ui/Words';

const cardQuery = (id: number, units: Units) =>
  queryOptions({
    queryKey: ['billet', id, 'card', units],
    queryFn: () => answered(api.GET('/api/v1/billets/{id}/card', { params: { path: { id } } })),
  });

/** One page for the wall beside the press, printed from here or as a PDF with its code to the fire. */
export function CardView() {
  const id = Number(useParams().id);
  const card = useQuery({ ...cardQuery(id, useUnits()), staleTime: 0 });
  if (card.isError) return <LoadFailed error={card.error} again={() => void card.refetch()} />;
  if (!card.data) return <p className="p-10 text-soft">{texts.loadingTheCard}</p>;
  const c = card.data;
  return (
    <main className="h-full overflow-y-auto px-5 py-4 print:h-auto print:overflow-visible print:p-0">
      <p className="flex items-baseline gap-4 pb-3 print:hidden">
        <Link
          to={`/billets/${id}`}
          className="underline decoration-line underline-offset-4 hover:decoration-ink"
        >
          {c.name}
        </Link>
        <Button onClick={() => window.print()}>{texts.print}</Button>
        <a
          className="border border-line px-3 py-1.5 hover:border-ink"
          href={`/api/v1/billets/${id}/card.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          {texts.pdfWithQrCode}
        </a>
        <a
          className="border border-line px-3 py-1.5 hover:border-ink"
          href={`/api/v1/billets/${id}/tag.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          {texts.tag}
        </a>
      </p>
      <article
        aria-label={texts.shopCard}
        className="max-w-4xl border border-ink bg-raised px-6 py-4 print:max-w-none print:border-0 print:p-0"
      >
        <header className="flex items-start justify-between gap-6 border-b-2 border-ink pb-2">
          <div>
            <h1 className="text-3xl">{c.name}</h1>
            <p data-own-words className="text-soft">
              {c.purpose}
            </p>
          </div>
          <p className="text-right">
            <b className="text-[44px] leading-none">{c.counts.visible}</b> {texts.visibleLayers}
            <span className="block text-soft">{texts.nominalLayers({ shop: c.counts.shop })}</span>
            <span className="block font-semibold">{c.counts.bar}</span>
          </p>
        </header>
        <h2 className="pt-3 font-semibold">{texts.cutList}</h2>
        <ul className="text-lg">
          {c.cutList.map((line, i) => (
            <li key={i}>{line}</li>
          ))}
        </ul>
        <h2 className="pt-3 font-semibold">{texts.run}</h2>
        <table className="w-full border-collapse text-left max-sm:[&_td]:break-words max-sm:[&_td]:whitespace-normal">
          <thead className="condensed text-[13px] text-soft">
            <tr className="[&>th]:font-normal">
              <th>{texts.step}</th>
              <th>{texts.sizeAfterIt}</th>
              <th>{texts.layers}</th>
              <th>{texts.stopBlocksHeatByHeat}</th>
            </tr>
          </thead>
          <tbody>
            {c.rows.map((r, i) => (
              <tr key={i} className="border-t border-rule align-top [&>td]:py-1 [&>td]:pr-3">
                <td>{r.what}</td>
                <td className="text-lg font-semibold whitespace-nowrap">{r.after}</td>
                <td className="text-lg font-semibold">{r.layers}</td>
                <td>{r.stops}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <h2 className="pt-3 font-semibold">{texts.heats}</h2>
        <table className="w-full border-collapse text-left">
          <tbody>
            {c.heats.map((h, i) => (
              <tr key={i} className="border-t border-rule [&>td]:py-1 [&>td]:pr-3">
                <td>{h.title}</td>
                <td className="text-lg font-semibold">{h.aim}</td>
                <td>{h.window}</td>
                <td>{texts.soak({ soak: h.soak })}</td>
                <td>{h.protection}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {c.flaws.length > 0 && (
          <>
            <h2 className="pt-3 font-semibold">{texts.openFlaws}</h2>
            <ul>
              {c.flaws.map((f, i) => (
                <li key={i}>{f}</li>
              ))}
            </ul>
          </>
        )}
        <h2 className="pt-3 font-semibold">{texts.safety}</h2>
        <ul className="list-disc pl-5">
          {c.cautions.map((f, i) => (
            <li key={i}>{f}</li>
          ))}
        </ul>
      </article>
    </main>
  );
}
