import type { Verdict } from '@/core/needs/need';
import { formatQuantity } from '@/core/quantities/format-quantity';
import swapStyle from '@/ui/styles/swap.module.css';

type Mark = { value: number; label: string; verdict: Verdict };

/** A need as a picture: where a part holds is filled; the demand is the dot, the old part the square, the chosen the disc. */
export function Scale({
  relation,
  limit,
  unit,
  from,
  removed,
  chosen,
}: {
  relation: '>=' | '<=';
  limit: number;
  unit: string;
  from?: number;
  removed?: Mark;
  chosen?: Mark;
}) {
  const top = Math.max(limit, removed?.value ?? 0, chosen?.value ?? 0) * 1.28 || 1;
  const at = (value: number) => `${(4 + 92 * (value / top)).toFixed(2)}%`;
  const anchor = (value: number) => (value / top < 0.12 ? 'start' : value / top > 0.88 ? 'end' : 'middle');
  const color = (verdict: Verdict) =>
    verdict === 'fits' ? 'var(--fits)' : verdict === 'fails' ? 'var(--fails)' : verdict === 'check' ? 'var(--check)' : 'var(--unknown)';
  const words = [
    `${relation === '>=' ? 'at least' : 'at most'} ${formatQuantity(limit, unit, 'up')}`,
    removed && `removed ${removed.label}`,
    chosen && `to install ${chosen.label}`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <svg className={swapStyle.scale} role="img" aria-label={words}>
      <line x1="4%" x2="96%" y1="22" y2="22" stroke="var(--line-strong)" strokeWidth="1.5" />
      {relation === '>=' ? (
        <rect x={at(limit)} width={`${(92 * (1 - limit / top)).toFixed(2)}%`} y="17" height="10" fill="var(--fits-soft)" />
      ) : (
        <rect x="4%" width={`${(92 * (limit / top)).toFixed(2)}%`} y="17" height="10" fill="var(--fits-soft)" />
      )}
      {from !== undefined && from < limit && (
        <rect
          x={at(from)}
          width={`${(92 * ((limit - from) / top)).toFixed(2)}%`}
          y="19"
          height="6"
          fill="none"
          stroke="var(--check)"
          strokeDasharray="3 2"
        />
      )}
      <circle cx={at(limit)} cy="22" r="5.2" fill="var(--ink)" />
      <text x={at(limit)} y="10" textAnchor={anchor(limit)}>
        {relation === '>=' ? 'needs' : 'allows'} {formatQuantity(limit, unit, relation === '>=' ? 'up' : 'down')}
      </text>
      {removed && (
        <>
          <svg x={at(removed.value)} y="22" overflow="visible">
            <rect x="-5.5" y="-5.5" width="11" height="11" fill={color(removed.verdict)} />
          </svg>
          <text x={at(removed.value)} y="41" textAnchor={anchor(removed.value)}>
            removed {removed.label}
          </text>
        </>
      )}
      {chosen && (
        <>
          <circle cx={at(chosen.value)} cy="22" r="5.5" fill="none" stroke={color(chosen.verdict)} strokeWidth="3" />
          {!removed || Math.abs(removed.value - chosen.value) / top > 0.25 ? (
            <text x={at(chosen.value)} y="41" textAnchor={anchor(chosen.value)}>
              to install {chosen.label}
            </text>
          ) : null}
        </>
      )}
    </svg>
  );
}
