'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { useColorScheme } from '@mui/material/styles';
import type { PaletteItem } from '@/ui/shell/Palette';
import type { Practice } from '@/core/case/case';
import { InPractice, useSpokenPractice } from '@/ui/language/practice';
import { TopBar } from '@/ui/shell/TopBar';

/** Fetched when it is first opened: most pages are read without it. */
const loadFinder = () => import('./Finder').then((module) => module.Finder);
const Finder = dynamic(loadFinder, { ssr: false });

const fixed: PaletteItem[] = [
  { id: '/', group: 'Go to', title: 'Panels', detail: '', words: 'panels home' },
  { id: '/check', group: 'Go to', title: 'Quick check', detail: 'Q', words: 'quick check part in the hand does it fit judge' },
  {
    id: '/symptoms',
    group: 'Go to',
    title: 'What does it do?',
    detail: '',
    words: 'symptom fault finding what does it do measured cause why',
  },
  { id: '/plates', group: 'Go to', title: 'Read a plate', detail: '', words: 'plate nameplate photo picture read' },
  { id: '/plates/key', group: 'Go to', title: 'What is this? The key', detail: '', words: 'key identify device what' },
  { id: '/plates/glossary', group: 'Go to', title: 'Glossary of marks', detail: '', words: 'glossary marks meaning' },
  { id: '/plates/cards', group: 'Go to', title: 'Good to know', detail: 'Cards', words: 'cards good to know myths practice explain' },
  { id: '/curves', group: 'Go to', title: 'Curves', detail: '', words: 'curves time current trip fuse breaker chart' },
  {
    id: '/lab',
    group: 'Go to',
    title: 'Lab',
    detail: '',
    words: 'relay lab timer timing trace monitoring supply events sweep settings bases pins meter modbus',
  },
  {
    id: '/lab?bench=closing',
    group: 'Go to',
    title: 'Will it close?',
    detail: 'Lab',
    words: 'breaker will not close spring release shunt trip interlock lockout anti-pump letters bays',
  },
  {
    id: '/lab?bench=residual',
    group: 'Go to',
    title: 'What each RCD type detects',
    detail: 'Lab',
    words: 'residual current type AC A F B waveform smooth DC blinded leakage',
  },
  {
    id: '/plant',
    group: 'Go to',
    title: 'Sites and panels',
    detail: 'Draw',
    words: 'site panel draw new position template plant settings',
  },
  {
    id: '/parts/import',
    group: 'Go to',
    title: 'Bring parts',
    detail: 'CSV, XLSX',
    words: 'import spreadsheet csv xlsx parts catalogue stock file',
  },
  {
    id: '/parts',
    group: 'Go to',
    title: 'Catalogue',
    detail: 'Filter, compare',
    words: 'catalogue parts look through filter marks compare side by side',
  },
  {
    id: '/stores',
    group: 'Go to',
    title: 'Stores',
    detail: 'Ledger',
    words: 'stores crib stock bin van count receive take move correct ledger reorder order least most',
  },
  { id: '/logbook', group: 'Go to', title: 'Logbook', detail: '', words: 'logbook records' },
  { id: '/interface', group: 'Go to', title: 'Open interface', detail: '', words: 'interface http try' },
  { id: 'theme', group: 'Actions', title: 'Switch night-shift theme', detail: '', words: 'night theme dark' },
];

/** A key that is typed into something is no shortcut. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.closest('[role=dialog]') !== null);

/** Top bar and palette around every page. */
export function Shell({
  children,
  here,
  crumbs,
  practice,
}: {
  children: ReactNode;
  here?: string;
  crumbs?: ReactNode;
  practice?: Practice;
}) {
  const spoken = useSpokenPractice(practice);
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [used, setUsed] = useState(false);
  /** Opens once it is here; without a connection it stays shut and the page as it is. */
  const openPalette = useCallback(() => {
    void loadFinder().then(
      () => {
        setUsed(true);
        setOpen(true);
      },
      () => undefined,
    );
  }, []);
  const { mode, systemMode, setMode } = useColorScheme();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        openPalette();
      } else if (event.key.toLowerCase() === 'q' && !event.ctrlKey && !event.metaKey && !event.altKey && !isTyping(event.target))
        router.push('/check');
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [openPalette, router]);
  const pick = useCallback(
    (item: PaletteItem) => {
      setOpen(false);
      if (item.id === 'theme') setMode((mode === 'system' ? systemMode : mode) === 'dark' ? 'light' : 'dark');
      else router.push(item.id);
    },
    [router, mode, systemMode, setMode],
  );
  return (
    <InPractice practice={spoken}>
      <TopBar here={here} crumbs={crumbs} practice={practice} onFind={openPalette} />
      {children}
      {used && <Finder open={open} fixed={fixed} onClose={() => setOpen(false)} onPick={pick} />}
    </InPractice>
  );
}
