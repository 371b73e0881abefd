import { PlatesShell } from '@/features/plates/PlatesShell';
import { SignList } from '@/features/plates/SignList';
import { deviceSigns } from '@/services/device-signs';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'What it shows' };

export default async function Page() {
  return (
    <PlatesShell
      here="/plates/signs"
      title="What it shows"
      about="Words of menus and blinks of lamps, maker by maker, as you find them out: nothing is assumed of a maker that is not here."
    >
      <SignList signs={(await deviceSigns()).signs} />
    </PlatesShell>
  );
}
