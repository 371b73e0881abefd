/** npm run mutate: breaks one duty of the contract at a time, in every family, and lists what the contract does not notice. */
import { families } from '../core/families/registry';
import { plateOf } from '../core/families/plates';
import { contractFaults } from '../tests/house/contract-faults';
import { mutations } from '../tests/house/mutations';
import { samplesOf } from '../tests/house/samples';

let tried = 0;
const survivors: string[] = [];
for (const family of families) {
  const samples = samplesOf(family.id);
  const sound = contractFaults(family, plateOf(family.id), samples);
  if (sound.length > 0) survivors.push(`${family.id} is not sound to begin with: ${sound.join('; ')}`);
  for (const { what, apply } of mutations) {
    const broken = apply(family);
    if (!broken) continue;
    tried += 1;
    if (contractFaults(broken, plateOf(family.id), samples).length === 0) survivors.push(`${family.id}: ${what}`);
  }
}
console.log(`${mutations.length} mutations, ${tried} tried over ${families.length} families, ${survivors.length} not noticed`);
for (const one of survivors) console.log(`  ${one}`);
process.exitCode = survivors.length > 0 ? 1 : 0;
