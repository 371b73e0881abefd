import { supplyOfPanel } from '@/services/supply-paths';
import { SupplyPage } from '../../../features/supply/SupplyPage';
import { orNotFound } from '../../or-not-found';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Supply' };

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ panelId: string }>;
  searchParams: Promise<{ position?: string }>;
}) {
  const view = await supplyOfPanel((await params).panelId).catch(orNotFound);
  return <SupplyPage view={JSON.parse(JSON.stringify(view))} position={(await searchParams).position} />;
}
