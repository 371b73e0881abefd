import { plates } from '@/core/families/plates';
import { glossaryOf } from '@/core/plates/glossary';
import { Glossary } from '@/features/plates/Glossary';
import { PlatesShell } from '../../../features/plates/PlatesShell';

export default function Page() {
  return (
    <PlatesShell
      here="/plates/glossary"
      title="Glossary"
      about="Every marking that a plate may carry, with its meaning and how to recover it when it is unreadable."
    >
      <Glossary entries={glossaryOf(plates)} />
    </PlatesShell>
  );
}
