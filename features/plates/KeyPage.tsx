'use client';

import { useRouter } from 'next/navigation';
import { DeviceKey } from '@/features/plates/DeviceKey';
import { PlatesShell } from './PlatesShell';

export function KeyPage() {
  const router = useRouter();
  return (
    <PlatesShell
      here="/plates/key"
      title="What is this?"
      about="Answer what can be seen, with everything dead. The standard printed on it settles what looks only suggest."
    >
      <DeviceKey onFamily={(plate) => router.push(`/plates?kind=${plate}`)} />
    </PlatesShell>
  );
}
