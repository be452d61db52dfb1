import type { Smell } from '../../core/brews';
import type { Celsius } from '../../core/units';
import type { KitEvent } from '../../core/vessels';
import type { CoverId } from '../../core/woodyard';
import type { Envelope } from '../../input/act';
import { smallActs } from '../../input/small-acts';
import type { SmallInput } from '../../input/small';
import type { Books } from '../db/books';
import type { What } from '../db/findings';
import type { Outcome } from '../usecases/act';
import { doSmall } from '../usecases/small-act';

type Small<T> = (books: Books, now_ms: number, envelope: Envelope, input: T) => Outcome;

/** Small acts by name, as the demo and tests enter them: each is its declaration with its figures filled in. */
const small =
	<T>(to: (input: T) => Pick<SmallInput, 'verb' | 'of' | 'name' | 'found'>): Small<T> =>
	(books, now_ms, envelope, input) =>
		doSmall(books, now_ms, envelope, to(input));

const ofLot = (verb: string, name: string, found: SmallInput['found'] = {}) =>
	({ verb, of: 'lot', name, found }) as const;

type Tended = { readonly code: string; readonly how: What };
const verbOf = (what: What): string => smallActs.find((act) => act.what === what)!.verb;

export const tendBatch = small(({ code, how }: Tended) => ofLot(verbOf(how), code));
export const tendBrew = tendBatch;
export const smellBrew = small(({ code, smell }: { code: string; smell: Smell }) =>
	ofLot('smell', code, { smell })
);
export const doubtBrew = small(({ code, why }: { code: string; why: string }) =>
	ofLot('doubt', code, { why })
);
export const readSalt = small(({ code, dS_m }: { code: string; dS_m: number }) =>
	ofLot('read-salt', code, { dS_m, of: 'brew' })
);
export const coverStack = small(({ code, cover }: { code: string; cover: CoverId }) =>
	ofLot('cover-stack', code, { cover })
);
export const logKit = small(
	({ name, ...found }: { name: string; what: KitEvent; words: string }) => ({
		verb: 'log-kit',
		of: 'vessel',
		name,
		found
	})
);
interface At {
	readonly at: 'lot' | 'fire' | 'bed';
	readonly name: string;
}
export const readTemperature = small(
	({ at, name, temperature }: At & { temperature: Celsius }) => ({
		verb: 'read-temperature',
		of: at,
		name,
		found: { temperature_c: temperature }
	})
);
export const remark = small(({ at, name, words }: At & { words: string }) => ({
	verb: 'remark',
	of: at,
	name,
	found: { words }
}));
export const skimEmbers = small(({ vessel, volume }: { vessel: string; volume: number }) => ({
	verb: 'skim',
	of: 'vessel',
	name: vessel,
	found: { litres: volume }
}));
export const skipRound = small(
	({ name, due, why }: { name: string; due: string; why: string }) => ({
		verb: 'skip-round',
		of: 'programme',
		name,
		found: { due, why }
	})
);
