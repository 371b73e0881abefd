/** Migrations in order; a new one is a new file and a new line here, never a change of an old one. */
import { keysOf } from '../core/certain';
import type { Knex } from 'knex';
import * as first from './migrations/0001-first';
import * as pictures from './migrations/0002-pictures';
import * as supplyPaths from './migrations/0003-supply-paths';
import * as keptCurves from './migrations/0004-kept-curves';
import * as positionCodes from './migrations/0005-position-codes';
import * as settlements from './migrations/0006-settlements';
import * as starterRole from './migrations/0007-starter-role';
import * as crew from './migrations/0008-crew';
import * as chain from './migrations/0009-chain';
import * as care from './migrations/0010-care';
import * as passkeys from './migrations/0011-passkeys';
import * as endings from './migrations/0012-endings';
import * as circuits from './migrations/0013-circuits';
import * as asLeft from './migrations/0014-as-left';
import * as checksAndOwnParts from './migrations/0015-checks-and-own-parts';
import * as deviceSigns from './migrations/0016-device-signs';
import * as ownPlant from './migrations/0017-own-plant';
import * as imports from './migrations/0018-imports';
import * as ledger from './migrations/0019-ledger';
import * as trade from './migrations/0020-trade';
import * as keyStrokes from './migrations/0021-key-strokes';
import * as rulesOfParts from './migrations/0022-rules-of-parts';
import * as demoApart from './migrations/0023-demo-apart';
import * as partWords from './migrations/0024-part-words';
import * as partColumns from './migrations/0025-part-columns';
import * as findPositionsByWords from './migrations/0026-find-positions';
import * as systems from './migrations/0027-systems';
import * as documents from './migrations/0028-documents';
import * as partsByName from './migrations/0029-parts-by-name';
import * as orders from './migrations/0030-orders';

const all = {
  '0001-first': first,
  '0002-pictures': pictures,
  '0003-supply-paths': supplyPaths,
  '0004-kept-curves': keptCurves,
  '0005-position-codes': positionCodes,
  '0006-settlements': settlements,
  '0007-starter-role': starterRole,
  '0008-crew': crew,
  '0009-chain': chain,
  '0010-care': care,
  '0011-passkeys': passkeys,
  '0012-endings': endings,
  '0013-circuits': circuits,
  '0014-as-left': asLeft,
  '0015-checks-and-own-parts': checksAndOwnParts,
  '0016-device-signs': deviceSigns,
  '0017-own-plant': ownPlant,
  '0018-imports': imports,
  '0019-ledger': ledger,
  '0020-trade': trade,
  '0021-key-strokes': keyStrokes,
  '0022-rules-of-parts': rulesOfParts,
  '0023-demo-apart': demoApart,
  '0024-part-words': partWords,
  '0025-part-columns': partColumns,
  '0026-find-positions': findPositionsByWords,
  '0027-systems': systems,
  '0028-documents': documents,
  '0029-parts-by-name': partsByName,
  '0030-orders': orders,
} as const;

/** The newest form. */
export const NEWEST = keysOf(all).at(-1);

export const migrations: Knex.MigrationSource<keyof typeof all> = {
  getMigrations: async () => keysOf(all),
  getMigrationName: (name) => name,
  getMigration: async (name) => all[name],
};

/** Brings the database to the newest form. Safe to run again and beside another process. */
export async function migrate(knex: Knex): Promise<void> {
  await knex.migrate.latest({ migrationSource: migrations });
}
