import { actStore } from './acts';
import { answerStore } from './answers';
import { applicationStore } from './applications';
import { bedStore } from './beds';
import { brewStore } from './brews';
import { heapStore } from './heaps';
import { burnFactStore } from './burn-facts';
import { burnResultStore } from './burn-results';
import { burnStore } from './burns';
import { charStore } from './char';
import { batchStore } from './batches';
import { effortStore } from './effort';
import { digestStore } from './digests';
import { findingStore } from './findings';
import { flowStore } from './flows';
import { groundsStore } from './grounds';
import { ledgerStore } from './ledger';
import { movedStore } from './moved';
import { outturnStore } from './outturns';
import type { Db } from './open';
import { quenchCheckStore } from './quench-checks';
import { programmeStore } from './programmes';
import { cropStore } from './crops';
import { recipeStore } from './recipes';
import { searchStore } from './search';
import { seriesStore } from './series';
import { settingsStore } from './settings';
import { stayStore } from './stays';
import { stockStore } from './stock';
import { thingStore } from './things';
import { testStore } from './tests';
import { adviceStore } from './advices';
import { trialStore } from './trials';
import { dayStore } from './days';
import { vesselStore } from './vessels';
import { woodyardStore } from './woodyard';

/** Every room's store on one handle, its statements prepared once. */
export function openBooks(db: Db) {
	const things = thingStore(db);
	return {
		db,
		things,
		acts: actStore(db),
		answers: answerStore(db),
		ledger: ledgerStore(db, things),
		flows: flowStore(db),
		findings: findingStore(db),
		grounds: groundsStore(db),
		digests: digestStore(db),
		woodyard: woodyardStore(db),
		vessels: vesselStore(db, things),
		days: dayStore(db),
		stays: stayStore(db, things),
		burns: burnStore(db, things),
		burnFacts: burnFactStore(db),
		burnResults: burnResultStore(db),
		checks: quenchCheckStore(db),
		char: charStore(db),
		stock: stockStore(db),
		batches: batchStore(db),
		recipes: recipeStore(things),
		crops: cropStore(things),
		brews: brewStore(db),
		heaps: heapStore(db),
		programmes: programmeStore(db, things),
		trials: trialStore(db, things),
		advices: adviceStore(things),
		effort: effortStore(db),
		tests: testStore(db),
		beds: bedStore(db, things),
		applications: applicationStore(db),
		search: searchStore(db),
		series: seriesStore(db),
		moved: movedStore(db),
		outturns: outturnStore(db),
		settings: settingsStore(db, things)
	};
}

export type Books = ReturnType<typeof openBooks>;
