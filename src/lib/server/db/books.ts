import { actStore } from './acts';
import { applicationStore } from './applications';
import { bedStore } from './beds';
import { brewStore } from './brews';
import { burnResultStore } from './burn-results';
import { burnStore } from './burns';
import { charStore } from './char';
import { batchStore } from './batches';
import { factStore } from './facts';
import { flowStore } from './flows';
import { groundsStore } from './grounds';
import { ledgerStore } from './ledger';
import type { Db } from './open';
import { quenchCheckStore } from './quench-checks';
import { programmeStore } from './programmes';
import { recipeStore } from './recipes';
import { searchStore } from './search';
import { settingsStore } from './settings';
import { stayStore } from './stays';
import { stockStore } from './stock';
import { testStore } from './tests';
import { dayStore } from './days';
import { vesselStore } from './vessels';
import { woodyardStore } from './woodyard';

/** Every room's store on one handle, its statements prepared once. */
export function openBooks(db: Db) {
	return {
		db,
		acts: actStore(db),
		ledger: ledgerStore(db),
		flows: flowStore(db),
		facts: factStore(db),
		grounds: groundsStore(db),
		woodyard: woodyardStore(db),
		vessels: vesselStore(db),
		days: dayStore(db),
		stays: stayStore(db),
		burns: burnStore(db),
		burnResults: burnResultStore(db),
		checks: quenchCheckStore(db),
		char: charStore(db),
		stock: stockStore(db),
		batches: batchStore(db),
		recipes: recipeStore(db),
		brews: brewStore(db),
		programmes: programmeStore(db),
		tests: testStore(db),
		beds: bedStore(db),
		applications: applicationStore(db),
		search: searchStore(db),
		settings: settingsStore(db)
	};
}

export type Books = ReturnType<typeof openBooks>;
