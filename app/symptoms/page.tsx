import { waysIn } from '@/core/swap/ways-in';
import { panelsDesk } from '@/services/panels';
import { SymptomsPage, type Place } from '@/features/symptoms/SymptomsPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'What does it do?' };

type Query = { position?: string; said?: string; family?: string; symptom?: string; measurement?: string };

export default async function Page({ searchParams }: { searchParams: Promise<Query> }) {
  const { position, said, family, symptom, measurement } = await searchParams;
  const places = (await panelsDesk()).flatMap((site) =>
    site.panels.flatMap((panel) =>
      panel.positions
        .filter(({ onTheBench }) => onTheBench)
        .map((one): Place => ({
          ...{ id: one.id, tag: one.tag, function: one.function, family: one.family, device: one.deviceName },
          ...{ panel: panel.name, site: site.name, practice: site.practice },
        })),
    ),
  );
  const picked =
    family && (symptom || measurement) ? { family, kind: symptom ? 'symptom' : 'measurement', id: symptom ?? measurement ?? '' } : null;
  return <SymptomsPage ways={waysIn()} places={places} positionId={position} said={said} picked={picked} />;
}
