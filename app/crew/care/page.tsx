import { CarePage } from '@/features/crew/CarePage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Backup and check' };

export default function Page() {
  return <CarePage />;
}
