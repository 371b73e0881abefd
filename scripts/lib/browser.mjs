// Debian's Chromium for browser tests and pictures, started so that it asks nothing of the network.
export const chromiumPath = '/usr/bin/chromium';
export const chromiumArgs = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
