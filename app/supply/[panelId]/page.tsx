import { notFound } from 'next/navigation';
import { ServiceError } from '@/services/service-error';
import { supplyOfPanel } from '@/services/supply-paths';
import { SupplyPage } from '../../../features/supply/SupplyPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Supply' };

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ panelId: string }>;
  searchParams: Promise<{ position?: string }>;
}) {
  const view = await supplyOfPanel((await params).panelId).catch((error) => {
    if (error instanceof ServiceError && error.status === 404) notFound();
    throw error;
  });
  return <SupplyPage view={JSON.parse(JSON.stringify(view))} position={(await searchParams).position} />;
}
