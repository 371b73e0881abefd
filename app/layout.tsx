import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import '@fontsource-variable/archivo/index.css';
import '@fontsource-variable/jetbrains-mono/index.css';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
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

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" />
        <AppRouterCacheProvider options={{ enableCssLayer: true }}>
          <ThemeRoot>{children}</ThemeRoot>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
