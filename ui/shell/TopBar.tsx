'use client';

import IconButton from '@mui/material/IconButton';
import ButtonBase from '@mui/material/ButtonBase';
import type { Practice } from '@/core/case/case';
import CodeOutlined from '@mui/icons-material/CodeOutlined';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import PersonOutlined from '@mui/icons-material/PersonOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import { useColorScheme } from '@mui/material/styles';
import { Link } from '@/ui/shell/Link';
import type { ReactNode } from 'react';
import { useSyncExternalStore } from 'react';
import { usePerson } from './person';

const desks = [
  ['/', 'Panels'],
  ['/check', 'Quick check'],
  ['/plates', 'Plates'],
  ['/stores', 'Stores'],
  ['/curves', 'Curves'],
  ['/lab', 'Lab'],
  ['/worksheets', 'Worksheets'],
  ['/logbook', 'Logbook'],
] as const;

function CoilSign() {
  return (
    <svg width="26" height="16" viewBox="0 0 26 16" fill="none" stroke="currentColor" strokeWidth="2.2" aria-hidden="true">
      <path d="M0 8h4M22 8h4M4 8c0-7 6-7 6 0s-6 7-3 0M10 8c0-7 6-7 6 0s-6 7-3 0M16 8c0-7 6-7 6 0" />
    </svg>
  );
}

/** Who is signed in, and the way to their account. */
function WhoIsHere() {
  const person = usePerson();
  if (!person) return null;
  return (
    <Link className="person" href="/crew" title={`${person.name}, ${person.role}`} aria-label={`${person.name}, your account`}>
      <PersonOutlined fontSize="small" aria-hidden />
      <span>{person.name}</span>
    </Link>
  );
}

const never = () => () => {};

function NightSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const mounted = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const dark = mounted && (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <IconButton aria-label={dark ? 'Day theme' : 'Night-shift theme'} aria-pressed={dark} onClick={() => setMode(dark ? 'light' : 'dark')}>
      {dark ? <LightModeOutlined fontSize="small" /> : <DarkModeOutlined fontSize="small" />}
    </IconButton>
  );
}

/** Bar over every desk: name, desks or crumbs, finder, practice, theme, who is signed in. */
export function TopBar({ here, crumbs, practice, onFind }: { here?: string; crumbs?: ReactNode; practice?: Practice; onFind: () => void }) {
  return (
    <header className="topbar">
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <Link className="name" href="/">
        <CoilSign />
        Loyal Coil
      </Link>
      {crumbs ? (
        <div className="crumbs">{crumbs}</div>
      ) : (
        <nav aria-label="Desks" style={{ flex: 1 }}>
          {desks.map(([href, title]) => (
            <Link key={href} href={href} aria-current={here === href ? 'page' : undefined}>
              {title}
            </Link>
          ))}
        </nav>
      )}
      <ButtonBase className="find" onClick={onFind} aria-label="Find anything, Ctrl K">
        <span>Find anything</span>
        <span className="figure">Ctrl K</span>
      </ButtonBase>
      {practice && <span className="chip practice">{practice === 'IEC' ? 'IEC' : 'NFPA 70'}</span>}
      <IconButton component={Link} className="open-interface" href="/interface" aria-label="Open interface" title="Open interface (HTTP)">
        <CodeOutlined fontSize="small" />
      </IconButton>
      <NightSwitch />
      <WhoIsHere />
    </header>
  );
}
