import { plates } from '@/core/families/plates';
import { glossaryOf } from '@/core/plates/glossary';
import { Glossary } from '@/ui/glossary/Glossary';
import { PlatesShell } from '../../_client/PlatesShell';

export default function Page() {
  return (
    <PlatesShell
      here="/plates/glossary"
      title="Glossary"
      about="Every mark that a plate may carry, made from the same grammars that read it. Worn marks say how they are recovered."
    >
      <Glossary entries={glossaryOf(plates)} />
    </PlatesShell>
  );
}
