import * as texts from 'texts/fire/OrderChart';
import { useSize } from '../../ui/useSize';
import type { Turn } from './api';
import { minuteTicks } from '../../figures/trace';

const LANE = 30;
const LEFT = 8;

/** A day's order: each billet a lane, in the fire outlined, at the press filled. */
export function OrderChart({
  turns,
  names,
  fromMin,
  nowMin,
  time,
}: {
  turns: readonly Turn[];
  names: readonly string[];
  fromMin: number;
  nowMin: number | null;
  /** How a minute is called on the axis. */
  time: (minute: number) => string;
}) {
  const [ref, size] = useSize();
  const toMin = Math.max(fromMin + 20, ...turns.map((t) => t.doneMin));
  const width = Math.max(100, size.width - 2 * LEFT);
  const at = (minute: number) => LEFT + ((minute - fromMin) / (toMin - fromMin)) * width;
  const height = names.length * (LANE + 20) + 24;
  return (
    <div ref={ref} className="w-full">
      <svg width={size.width} height={height} role="img" aria-label={words(turns, names, time)}>
        {minuteTicks(fromMin * 60, toMin * 60).map((s) => (
          <g key={s}>
            <line x1={at(s / 60)} x2={at(s / 60)} y1={0} y2={height - 20} stroke="var(--rule)" />
            <text
              x={at(s / 60)}
              y={height - 5}
              textAnchor="middle"
              className="condensed fill-soft text-[12px]"
            >
              {time(s / 60)}
            </text>
          </g>
        ))}
        {names.map((name, job) => (
          <g key={job} transform={`translate(0 ${job * (LANE + 20)})`}>
            <text x={LEFT} y={13} className="fill-ink text-[13px]">
              {name}
            </text>
            {turns
              .filter((t) => t.job === job)
              .map((t) => (
                <g key={t.heat}>
                  <rect
                    x={at(t.inMin)}
                    y={20}
                    width={Math.max(1, at(t.pressMin) - at(t.inMin))}
                    height={LANE - 12}
                    fill="none"
                    stroke="var(--soft)"
                  />
                  <line x1={at(t.readyMin)} x2={at(t.readyMin)} y1={20} y2={LANE + 8} stroke="var(--ink)" />
                  <rect
                    x={at(t.pressMin)}
                    y={17}
                    width={Math.max(3, at(t.doneMin) - at(t.pressMin))}
                    height={LANE - 6}
                    fill="var(--ink)"
                  />
                </g>
              ))}
          </g>
        ))}
        {nowMin !== null && nowMin >= fromMin && nowMin <= toMin && (
          <line
            x1={at(nowMin)}
            x2={at(nowMin)}
            y1={0}
            y2={height - 20}
            stroke="var(--ink)"
            strokeDasharray="3 3"
          />
        )}
      </svg>
      <p className="condensed text-[13px] text-soft">{texts.outlinedInTheFireTheStroke}</p>
    </div>
  );
}

const words = (turns: readonly Turn[], names: readonly string[], time: (minute: number) => string) =>
  turns.length === 0
    ? texts.allDone
    : turns
        .map((t) => texts.atThePressAt({ value: names[t.job] ?? '', pressMin: time(t.pressMin) }))
        .join(', ');
