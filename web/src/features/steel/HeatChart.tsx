import * as texts from 'texts/steel/HeatChart';
import { heatColour } from '../../figures/heat';
import { atHeat, AXIS_FROM_C, AXIS_TO_C, span, ticks, type Axis } from '../../figures/heatAxis';
import { toneColour } from '../../figures/tone';
import { useUnits } from '../../ui/Words';
import { show, systemOf } from '../../units';
import type { Heats, Steel } from './api';

const ROW_PX = 46;
const TOP_PX = 26;
const LABEL_PX = 118;

/** Steels as strips on one temperature axis; what they share is marked through all of them. */
export function HeatChart({
  steels,
  weld,
  hardening,
  width,
  onOpen,
}: {
  steels: readonly Steel[];
  weld: Heats | null;
  hardening: Heats | null;
  width: number;
  onOpen: (steel: string) => void;
}) {
  const units = useUnits();
  const axis: Axis = { fromC: AXIS_FROM_C, toC: AXIS_TO_C, width: width - LABEL_PX - 8 };
  const height = TOP_PX + steels.length * ROW_PX;
  const heat = (c: number) => show('temperature', c, units);
  return (
    <svg
      width={width}
      height={height + 24}
      role="group"
      aria-label={texts.heatsOfTheChosenSteels}
      className="block"
    >
      <defs>
        <linearGradient id="heat" gradientUnits="userSpaceOnUse" x1={0} x2={axis.width} y1="0" y2="0">
          {[600, 700, 800, 900, 1000, 1100, 1150, 1200, 1250, 1300, 1350].map((c) => (
            <stop key={c} offset={atHeat(axis, c) / axis.width} stopColor={heatColour(c)} />
          ))}
        </linearGradient>
      </defs>
      <g transform={`translate(${LABEL_PX} 0)`}>
        {weld && <Shared axis={axis} heats={weld} height={height} words={texts.weldingWindow} />}
        {hardening && hardening.fromC <= hardening.toC && (
          <Shared axis={axis} heats={hardening} height={height} words={texts.hardeningWindow} />
        )}
        {ticks(systemOf(units, 'temperature') === 'METRIC').map((c) => (
          <g key={c} transform={`translate(${atHeat(axis, c)} ${height})`}>
            <path d={`M0 0v5`} stroke="var(--line)" />
            <text y={18} textAnchor="middle" className="fill-soft text-[12px]">
              {heat(c)}
            </text>
          </g>
        ))}
        <path d={`M0 ${height}h${axis.width}`} stroke="var(--line)" />
      </g>
      {steels[0] && (
        <text
          x={LABEL_PX + atHeat(axis, steels[0].solidus.value)}
          y={14}
          textAnchor="middle"
          className="condensed fill-soft text-[13px]"
        >
          {texts.melts}
        </text>
      )}
      {steels.map((s, i) => (
        <g key={s.id} transform={`translate(0 ${TOP_PX + i * ROW_PX})`}>
          <foreignObject x={0} y={4} width={LABEL_PX - 6} height={ROW_PX - 6}>
            <button
              type="button"
              className="flex w-full items-center gap-2 text-left leading-tight hover:underline"
              onClick={() => onOpen(s.id)}
            >
              <span
                className="h-7 w-3 shrink-0 border border-line"
                style={{ background: toneColour(s.etchTone.value) }}
              />
              <span className="condensed font-semibold">{s.id}</span>
            </button>
          </foreignObject>
          <g transform={`translate(${LABEL_PX} 0)`}>
            <Strip steel={s} axis={axis} />
          </g>
        </g>
      ))}
    </svg>
  );
}

/** What all of them share, through every strip. */
function Shared({ axis, heats, height, words }: { axis: Axis; heats: Heats; height: number; words: string }) {
  const box = span(axis, heats.fromC, heats.toC);
  return (
    <g>
      <rect {...box} y={TOP_PX - 6} height={height - TOP_PX + 6} fill="var(--raised)" />
      <path
        d={`M${box.x} ${TOP_PX - 6}V${height}M${box.x + box.width} ${TOP_PX - 6}V${height}`}
        stroke="var(--ink)"
        strokeDasharray="3 3"
      />
      <text
        x={box.x + box.width / 2}
        y={14}
        textAnchor="middle"
        className="condensed fill-ink text-[13px] font-semibold"
      >
        {words}
      </text>
    </g>
  );
}

function Strip({ steel, axis }: { steel: Steel; axis: Axis }) {
  const units = useUnits();
  const heat = (c: number) => show('temperature', c, units);
  const { hardening, weldWindow, solidus } = steel;
  const mid = 20;
  const solidusX = atHeat(axis, solidus.value);
  return (
    <g
      role="img"
      aria-label={[
        steel.id,
        weldWindow
          ? texts.weldsTo({ fromC: heat(weldWindow.fromC), toC: heat(weldWindow.toC) })
          : 'is not forge-welded',
        hardening
          ? texts.hardensToMartensiteFrom({
              fromC: heat(hardening.fromC),
              toC: heat(hardening.toC),
              value: heat(hardening.ms.value),
            })
          : texts.doesNotHarden,
        texts.meltsFrom({ value: heat(solidus.value) }),
      ].join(', ')}
    >
      <path d={`M0 ${mid}H${solidusX}`} stroke="var(--line)" />
      {hardening && (
        <g>
          <title>
            {texts.martensiteFromHardensTo({
              value: heat(hardening.ms.value),
              show: show('temperatureChange', hardening.ms.plusMinus, units),
              fromC: heat(hardening.fromC),
              toC: heat(hardening.toC),
            })}
          </title>
          <path
            d={`M${atHeat(axis, hardening.ms.value)} ${mid - 8}v16`}
            stroke="var(--ink)"
            strokeWidth="2"
          />
          <text
            x={atHeat(axis, hardening.ms.value)}
            y={mid + 20}
            textAnchor="middle"
            className="fill-soft text-[11px]"
          >
            {texts.ms}
          </text>
          <rect
            {...span(axis, hardening.fromC, hardening.toC)}
            y={mid - 8}
            height={16}
            fill="url(#heat)"
            stroke="var(--ink)"
          />
        </g>
      )}
      {weldWindow && (
        <rect
          {...span(axis, weldWindow.fromC, weldWindow.toC)}
          y={mid - 13}
          height={26}
          fill="url(#heat)"
          stroke="var(--ink)"
          strokeWidth="1.5"
        >
          <title>{texts.weldsTo({ fromC: heat(weldWindow.fromC), toC: heat(weldWindow.toC) })}</title>
        </rect>
      )}
      <g>
        <title>
          {texts.meltsFrom2({
            value: heat(solidus.value),
            show: show('temperatureChange', solidus.plusMinus, units),
            source: solidus.source,
          })}
        </title>
        <path d={`M${solidusX} ${mid - 15}v30l5 -5v-20z`} fill="var(--ink)" />
      </g>
    </g>
  );
}
