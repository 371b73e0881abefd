// Debian's Chromium for browser tests and pictures, started so that it asks nothing of the network.
export const chromiumPath = '/usr/bin/chromium';

/** A switch that is given twice counts as it stands last: what the test tool itself turns off stands here again. */
const offByTool = [
  'AvoidCorsURLLoaderRestartOnRedirect',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
];
/** The address bar's own pages, loaded for every window though none is seen: a third of the work of opening one of ours. */
const ofTheAddressBar = ['WebUIOmniboxAimPopup', 'WebUIOmniboxFullPopup', 'WebUIOmniboxPopup'];

export const chromiumArgs = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  `--disable-features=${[...offByTool, ...ofTheAddressBar].join()}`,
];
