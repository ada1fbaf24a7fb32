import * as texts from 'texts/hardening/HardeningView';
import { showPercent } from '../../units';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { Danger } from '../../ui/Danger';
import { LoadFailed } from '../../ui/Notice';
import { Length, Temperature, Words } from '../../ui/Words';
import { billetQuery } from '../billet/api';
import { billetEntriesQuery } from '../book/api';
import { entryWords } from '../book/lines';
import { PhotoStrip } from '../book/PhotoStrip';
import { shortTime } from '../book/time';
import { SmallPicture } from '../picture/SmallPicture';
import { hardeningQuery, type HardeningPlan } from './api';
import { finishedSight } from './finishedSight';
import { TreatmentFields } from './TreatmentFields';

/** After the weld: what the finished piece asks for, what was done, and the etch beside what was predicted. */
export function HardeningView() {
  const id = Number(useParams().id);
  const plan = useQuery(hardeningQuery(id));
  const billet = useQuery(billetQuery(id));
  const entries = useQuery(billetEntriesQuery(id));
  if (plan.isError) return <LoadFailed error={plan.error} again={() => void plan.refetch()} />;
  if (billet.isError) return <LoadFailed error={billet.error} again={() => void billet.refetch()} />;
  if (!plan.data || !billet.data) return <p className="p-10 text-soft">{texts.loadingTheBillet}</p>;
  const done = (entries.data ?? []).filter((e) => e.kind === 'TREATED');
  const etched = done.find((e) => e.photos.length > 0);
  const sight = finishedSight(billet.data);
  const p = plan.data;
  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <p className="text-soft">
        <Link
          to={`/billets/${id}`}
          className="underline decoration-line underline-offset-4 hover:decoration-ink"
        >
          {billet.data.name}
        </Link>
      </p>
      <h1 className="text-2xl">{texts.heatTreatment}</h1>
      <div className="grid grid-cols-[1fr_24rem] gap-8 pt-3 max-lg:grid-cols-[minmax(0,1fr)]">
        <div>
          <Wishes plan={p} />
          {p.tempers.length > 0 && <Tempers plan={p} />}
          <section aria-label={texts.etching} className="pt-4">
            <h2 className="text-lg">{texts.etch}</h2>
            <ol className="list-decimal pl-5">
              {p.etch.map((step) => (
                <li key={step} className="py-0.5">
                  <Words of={step} />
                </li>
              ))}
            </ol>
          </section>
          <div className="grid gap-1 pt-4">
            {p.cautions.map((c) => (
              <Danger key={c} words={c} />
            ))}
          </div>
        </div>
        <aside>
          <section aria-label={texts.predictedAndEtched} className="border-y border-ink py-3">
            <h2>{texts.predictedEtch}</h2>
            <SmallPicture
              sight={sight.sight}
              pane={sight.pane}
              width={360}
              height={Math.max(40, (360 * sight.pane.heightMm) / sight.pane.widthMm)}
              label={texts.predictedLookOfTheEtchedFace}
            />
            <p className="condensed pb-1 text-[13px] text-soft">{texts.theFaceGroundClean}</p>
            <SmallPicture
              sight={sight.end}
              pane={sight.endPane}
              width={Math.min(360, (90 * sight.endPane.widthMm) / sight.endPane.heightMm)}
              height={Math.min(90, (360 * sight.endPane.heightMm) / sight.endPane.widthMm)}
              label={texts.predictedLookOfTheEtchedEnd}
            />
            <p className="condensed text-[13px] text-soft">{texts.theEnd}</p>
            {etched ? (
              <>
                <h3 className="pt-2">{texts.result}</h3>
                <img
                  src={`/api/v1/photos/${etched.photos[0]?.id ?? ''}`}
                  alt={texts.theEtchedPiece}
                  className="w-full border border-line"
                />
              </>
            ) : (
              <p className="pt-1 text-[14px] text-soft">{texts.logTheEtchWithAPhoto}</p>
            )}
          </section>
          <TreatmentFields billetId={id} plan={p} />
          <section aria-label={texts.treatments} className="pt-3">
            <h2>{texts.treatments}</h2>
            {done.length === 0 && <p className="text-soft">{texts.nothingLoggedYet}</p>}
            <ul>
              {done.map((e) => (
                <li key={e.id} className="border-b border-rule py-1.5">
                  <Words of={entryWords(e)} />
                  <span className="block text-[13px] text-soft">
                    {shortTime(e.at)} · {e.madeBy} {e.says.treated?.note && `· ${e.says.treated.note}`}
                  </span>
                  <PhotoStrip entry={e} />
                </li>
              ))}
            </ul>
          </section>
        </aside>
      </div>
    </main>
  );
}

function Wishes({ plan: p }: { plan: HardeningPlan }) {
  if (p.steels.length === 0) {
    return <p className="border-y border-ink py-3 text-lg">{texts.noneOfItsSteelsHardens}</p>;
  }
  return (
    <section aria-label={texts.hardening}>
      <div className="grid grid-cols-3 gap-6 border-y border-ink py-3 max-sm:grid-cols-1 max-sm:gap-3">
        <div>
          <h2 className="text-soft">{texts.normalizeThreeHeats}</h2>
          <p className="text-lg">
            {p.normalizingC.map((c, i) => (
              <span key={c}>
                {i > 0 && ', '}
                <Temperature celsius={c} />
              </span>
            ))}
          </p>
          <p className="text-[13px] text-soft">{texts.toBlackInStillAirEach}</p>
        </div>
        <div>
          <h2 className="text-soft">{texts.hardenAt}</h2>
          <p className="text-[32px] leading-tight font-semibold" data-harden>
            <Temperature celsius={p.hardenC} />
          </p>
          <p className="text-[13px] text-soft">
            {p.toC >= p.fromC ? (
              <>
                {texts.bothFrom} <Temperature celsius={p.fromC} /> {texts.to} <Temperature celsius={p.toC} />
                {texts.n5To10Min}
              </>
            ) : (
              <>
                {texts.noCommonHardeningHeat} <Temperature celsius={p.toC} /> {texts.and}
                <Temperature celsius={p.fromC} />
              </>
            )}
          </p>
        </div>
        <div>
          <h2 className="text-soft">
            {texts.quenchAt} <Length mm={p.thickMm} unit /> {texts.thick}
          </h2>
          <p className="text-lg">{p.quench}</p>
          <p className="text-[13px] text-soft">{texts.aFileSkatesOnHardSteel}</p>
        </div>
      </div>
      {p.compromise.length > 0 && (
        <ul className="py-2">
          {p.compromise.map((c) => (
            <li key={c}>
              <span aria-hidden>▲ </span>
              <Words of={c} />
            </li>
          ))}
        </ul>
      )}
      <table className="mt-2 w-full border-collapse text-left text-[14px]">
        <thead className="condensed text-[13px] text-soft">
          <tr className="[&>th]:py-1 [&>th]:font-normal">
            <th>{texts.steel}</th>
            <th>{texts.share}</th>
            <th>{texts.hardensFrom}</th>
            <th>{texts.to}</th>
            <th>{texts.inText}</th>
            <th>{texts.asQuenched}</th>
          </tr>
        </thead>
        <tbody>
          {p.steels.map((s) => (
            <tr key={s.steel} className="border-t border-rule [&>td]:py-1">
              <td className="font-semibold">{s.steel}</td>
              <td>{showPercent(s.share)}</td>
              <td>
                <Temperature celsius={s.fromC} />
              </td>
              <td>
                <Temperature celsius={s.toC} />
              </td>
              <td>{texts.quenchIn({ quench: s.quench })}</td>
              <td>{texts.hrc({ value: s.asQuenchedHrc.toFixed(0) })}</td>
            </tr>
          ))}
          {p.soft.map((s) => (
            <tr key={s} className="border-t border-rule [&>td]:py-1">
              <td className="font-semibold">{s}</td>
              <td colSpan={5} className="text-soft">
                {texts.staysSoft}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Tempers({ plan: p }: { plan: HardeningPlan }) {
  return (
    <section aria-label={texts.tempering} className="pt-4">
      <h2 className="text-lg">{texts.temperTwoTimesTwoHours}</h2>
      <table className="border-collapse text-left text-[14px]">
        <thead className="condensed text-[13px] text-soft">
          <tr className="[&>th]:py-1 [&>th]:pr-6 [&>th]:font-normal">
            <th>{texts.at}</th>
            {p.steels.map((s) => (
              <th key={s.steel}>{s.steel}</th>
            ))}
            <th>{texts.layersTogether}</th>
          </tr>
        </thead>
        <tbody>
          {p.tempers.map((t) => (
            <tr key={t.celsius} className="border-t border-rule [&>td]:py-1 [&>td]:pr-6">
              <td>
                <Temperature celsius={t.celsius} />
              </td>
              {p.steels.map((s) => (
                <td key={s.steel}>{t.hrcBySteel[s.steel]?.toFixed(1) ?? '–'}</td>
              ))}
              <td className="font-semibold">
                {t.layersHrc === null ? '–' : texts.hrc({ value: t.layersHrc.toFixed(1) })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
