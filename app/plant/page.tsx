import { Queries } from '../../client/Queries';
import { plantView } from '@/services/plant-view';
import { PlantPage } from '../../features/plant/PlantPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Sites and panels' };

export default async function Page() {
  return (
    <Queries>
      <PlantPage sites={(await plantView()).sites} />
    </Queries>
  );
}
