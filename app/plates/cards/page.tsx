import { cards } from '@/core/cards/registry';
import { CardList } from '@/features/plates/CardList';
import { PlatesShell } from '@/features/plates/PlatesShell';

export const metadata = { title: 'Good to know' };

export default function Page() {
  return (
    <PlatesShell
      here="/plates/cards"
      title="Good to know"
      about="What practitioners know and a plate does not say: short cards, offered again where a job needs them. Site rules and local law govern."
    >
      <CardList cards={cards} />
    </PlatesShell>
  );
}
