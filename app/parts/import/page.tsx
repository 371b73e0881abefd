import { broughtFiles } from '@/services/imports';
import { siteSettings } from '@/services/sites';
import { ImportPage } from '../../../features/parts/ImportPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Bring parts' };

export default async function Page() {
  const [sites, { imports }] = await Promise.all([siteSettings(), broughtFiles()]);
  return <ImportPage sites={sites.map(({ id, name, practice }) => ({ id, name, practice }))} imports={imports} />;
}
