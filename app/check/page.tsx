import { Queries } from '../../client/Queries';
import { CheckPage } from '../../features/check/CheckPage';

export const metadata = { title: 'Quick check' };

export default function Page() {
  return (
    <Queries>
      <CheckPage />
    </Queries>
  );
}
