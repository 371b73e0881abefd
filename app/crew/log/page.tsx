import { LogPage } from '@/features/crew/LogPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Log' };

export default function Page() {
  return <LogPage />;
}
