import { PeoplePage } from '@/features/crew/PeoplePage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'People' };

export default function Page() {
  return <PeoplePage />;
}
