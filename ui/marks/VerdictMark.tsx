import type { Verdict } from '@/core/needs/need';

const words: Record<Verdict, string> = {
  fits: 'fits',
  check: 'check',
  fails: 'fails',
  'not-known': 'not known',
};

/** The four shapes, the same everywhere: disc with tick, triangle, square with cross, dashed ring. Never colour alone. */
export function VerdictMark({ verdict, size = 18 }: { verdict: Verdict; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 20 20" role="img" aria-label={words[verdict]} style={{ flex: 'none' }}>
      {verdict === 'fits' && (
        <>
          <circle cx="10" cy="10" r="9" fill="var(--fits)" />
          <path d="M5.6 10.4l3 3 5.8-6.6" fill="none" stroke="var(--card)" strokeWidth="2.2" />
        </>
      )}
      {verdict === 'check' && (
        <>
          <path d="M10 1.6l9 16.4H1z" fill="var(--check-fill)" stroke="var(--check)" strokeWidth="1.2" />
          <path d="M10 7v5.4M10 14.4v2" stroke="#33240a" strokeWidth="2" />
        </>
      )}
      {verdict === 'fails' && (
        <>
          <rect x="1.5" y="1.5" width="17" height="17" rx="1.5" fill="var(--fails)" />
          <path d="M6 6l8 8M14 6l-8 8" stroke="var(--card)" strokeWidth="2.4" />
        </>
      )}
      {verdict === 'not-known' && (
        <>
          <circle cx="10" cy="10" r="8.4" fill="none" stroke="var(--unknown)" strokeWidth="1.8" strokeDasharray="3.2 2.4" />
          <text x="10" y="14" textAnchor="middle" fontSize="11" fontWeight="700" fill="var(--unknown)">
            ?
          </text>
        </>
      )}
    </svg>
  );
}

export const verdictWords = words;
