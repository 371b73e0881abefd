import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import '@fontsource-variable/archivo/index.css';
import '@fontsource-variable/jetbrains-mono/index.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { signedInOf } from '@/services/crew/signed-in';
import { SpeakAs } from '@/client/SpeakAs';
import { PersonRoot } from '@/ui/shell/person';
import { ThemeRoot } from '@/ui/shell/ThemeRoot';
import '@/ui/styles/base.css';

export const metadata: Metadata = {
  title: { default: 'Loyal Coil', template: '%s · Loyal Coil' },
  description: 'Works out the right replacement for a motor or building panel.',
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [{ media: '(prefers-color-scheme: dark)', color: '#151210' }, { color: '#faf7ef' }],
};

/** The nonce of this answer, under which its own scripts run: see `proxy.ts`. */
const nonceOf = (asked: Pick<Headers, 'get'>): string | undefined =>
  /'nonce-([^']+)'/.exec(asked.get('content-security-policy') ?? '')?.[1];

export default async function Layout({ children }: { children: ReactNode }) {
  const asked = await headers();
  const nonce = nonceOf(asked);
  const person = signedInOf(asked);
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" nonce={nonce} />
        <AppRouterCacheProvider options={{ enableCssLayer: true }}>
          <ThemeRoot>
            <SpeakAs personId={person?.id} />
            <PersonRoot person={person}>{children}</PersonRoot>
          </ThemeRoot>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
