import {
	dilutedAs,
	goesTo,
	judgeSalt,
	oddWatering,
	recipeOf,
	serve,
	targetOn,
	waterSizeOf,
	wateringOf,
	type Recipe,
	type WaterSize
} from '../../../core/brews';
import { ashCap, harvestWaits, isOverAshCap } from '../../../core/beds';
import type { Amount } from '../../../core/ledger';
import { days } from '../../../core/time';
import { litres, type Litres, microlitres, inLitres } from '../../../core/units';
import { pathOf } from '../../../format/paths';
import type { Envelope, Issue } from '../../../input/act';
import type { DrenchInput, DrenchStop } from '../../../input/drench';
import type { Bed } from '../../db/beds';
import type { Books } from '../../db/books';
import type { Brew } from '../../db/brews';
import { moves } from '../../db/movements';
import { brewLine, lastNitrogenOn } from '../../questions/brews';
import { germsOf } from '../../questions/germs';
import { bedToTreat, hadBy } from '../../questions/targets';
import { perform, postOrRefuse, refuse, Refusal, type Outcome } from '../act';
import { lotOrRefuse, partOf, refuseHeld, takenOf } from '../gates';
import { atField, inRound } from '../round';
import { brewOrRefuse } from './move-brew';

/** A bed of the round, and what is poured on it, diluted. */
interface Stop {
	readonly bed: string;
	readonly field: string;
	readonly total: Litres;
	/** What was asked for it, where there was not enough for all. */
	readonly asked: Litres;
	readonly size: WaterSize;
}

/** One brew over several beds, thinned alike; on one bed it is an act like any other. */
export function drenchBeds(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput
): Outcome {
	const stops = stopsOf(books, input);
	if ('status' in stops) return stops;
	const [only, ...others] = stops;
	if (only && others.length === 0)
		return atField(drenchBed(books, now_ms, envelope, input, only), only.field);
	const round = { stops, path: pathOf('brew', input.lot.toUpperCase()) };
	return inRound(books, envelope, round, (one, stop) => drenchBed(books, now_ms, one, input, stop));
}

/** What each bed gets: as asked, or in the turn that was chosen as far as it goes. */
function stopsOf(books: Books, input: DrenchInput): readonly Stop[] | Outcome {
	try {
		const wanted = input.stops.map((stop) => stopOf(books, input, stop));
		if (!input.first) return wanted;
		const held = inLitres(books.ledger.maybeLot(input.lot.toUpperCase())?.volume_ul ?? 0);
		const { served } = serve(
			litres(held),
			input.parts,
			wanted.map(({ bed, total }) => ({
				name: bed,
				total,
				last_ms: books.brews.lastOnBed(books.beds.maybeOne(bed)?.id ?? 0)
			})),
			input.first
		);
		return wanted
			.map((stop, i) => ({ ...stop, total: served[i]?.gets.total ?? stop.total }))
			.filter(({ total }) => total > 0.005);
	} catch (failure) {
		if (failure instanceof Refusal) return { status: 'refused', issues: failure.issues };
		throw failure;
	}
}

function stopOf(books: Books, input: DrenchInput, { bed: name, ask, field }: DrenchStop): Stop {
	const bed = books.beds.maybeOne(name) ?? refuse(field, 'unknown-bed', { name });
	const size = targetOn({ area_m2: bed.ground.area, size: waterSizeOf(bed) }, input.onto, ask);
	const typed = wateringOf(ask, size, bed.pieces);
	const asked = input.basis === 'brew' ? goesTo(typed, input.parts) : typed;
	return { bed: bed.name, field, size, asked, total: asked };
}

function drenchBed(
	books: Books,
	now_ms: number,
	envelope: Envelope,
	input: DrenchInput,
	stop: Stop
): Outcome {
	const { parts, reason, onto } = input;
	const at_ms = envelope.happenedAt_ms;
	return perform(books, now_ms, 'drench', envelope, { ...input, ...stop }, () => {
		const brew = brewOrRefuse(books, input.lot, 'lot', at_ms);
		const lot = lotOrRefuse(books, brew.code, 'lot', at_ms);
		refuseHeld(books, lot, 'lot');
		const bed =
			bedToTreat(books, stop.bed, envelope.happenedAt_ms) ??
			refuse('bed', 'unknown-bed', { name: stop.bed });
		const { brew: brew_l, water } = dilutedAs(stop.total, parts);
		const volume_ul = partOf(books, lot, brew_l, 'amount');
		const taken = takenOf(books, lot, volume_ul, at_ms);
		refuseOnBed(books, brew, bed, input, taken, at_ms);
		if (reason === '') refuseUnsaid(books, brew, bed, input, stop, at_ms);
		return {
			path: pathOf('brew', brew.code),
			write: (stamp) => {
				const { actId } = stamp;
				postOrRefuse(
					books,
					stamp,
					[moves('out', { lotId: lot.id }, taken), moves('in', { bedId: bed.id }, taken)],
					'amount'
				);
				books.applications.insert({
					actId,
					bedId: bed.id,
					lotId: lot.id,
					way: onto === 'leaves' ? 'sprayed' : 'watered-in',
					depth_m: null,
					char_l: 0,
					charLow_l: 0,
					charHigh_l: 0,
					density: 0,
					reason
				});
				books.brews.insertDilution({
					actId,
					lotId: lot.id,
					parts,
					water_ul: microlitres(water),
					onto
				});
				if (input.salt !== undefined)
					books.findings.insert({
						actId,
						thingId: lot.id,
						what: 'salt',
						found: { dS_m: input.salt, of: 'diluted' }
					});
				if (input.programme)
					books.programmes.insertStop({
						actId,
						programme: input.programme.name,
						due: input.programme.due
					});
			}
		};
	});
}

/** What no reason makes right: feeding cultures on beds, lye on leaves and under acid lovers, germs on salad. */
function refuseOnBed(
	books: Books,
	brew: Brew,
	bed: Bed,
	{ onto, reason }: DrenchInput,
	taken: Amount,
	at_ms: number
): void {
	const recipe = recipeOf(brew.recipe);
	if (!recipe.soil) refuse('bed', 'feeds-the-next', { code: brew.code, recipe: recipe.name });
	if (onto === 'leaves' && !recipe.leaves)
		refuse('bed', 'not-on-leaves', { code: brew.code, recipe: recipe.name });
	if (bed.eatenRaw && brewLine(books, brew, at_ms).state === 'failed')
		refuse('bed', 'brew-stinks', { code: brew.code });
	if (bed.eatenRaw && onto === 'leaves' && germsOf(books, brew.code) !== 'none')
		refuse('bed', 'germs-on-leaves', { code: brew.code, name: bed.name });
	if (brew.recipe === 'ash-tea') refuseAsh(books, bed, taken, reason, at_ms);
}

/** Source: gates for wood ash; it is lime and potash by whatever door. */
function refuseAsh(books: Books, bed: Bed, taken: Amount, reason: string, at_ms: number): void {
	if (bed.acidLover) refuse('bed', 'ash-on-acid-lover', { name: bed.name });
	if ((bed.ph ?? 0) >= 7) refuse('bed', 'ash-on-sweet-ground', { name: bed.name });
	if (reason !== '') return;
	if (lastNitrogenOn(books, bed.id, at_ms) !== undefined)
		refuse('reason', 'ash-on-nitrogen', { name: bed.name });
	const year = hadBy(books, bed, at_ms - days(ashCap.days));
	if (isOverAshCap(year, taken.contents, bed.ground))
		refuse('reason', 'ash-cap-wet', { name: bed.name });
}

/** What the grower may have a reason for: all of it at once, so that one answer passes over none of the others. */
function refuseUnsaid(
	books: Books,
	brew: Brew,
	bed: Bed,
	input: DrenchInput,
	stop: Stop,
	at_ms: number
): void {
	const { state } = brewLine(books, brew, at_ms);
	const recipe: Recipe = recipeOf(brew.recipe);
	const { strongest, finest } = (input.onto === 'leaves' ? recipe.leaves : recipe.soil)!;
	// Of what was asked: little for want of more is no slip.
	const odd = oddWatering(stop.asked, stop.size);
	const salt = input.salt ?? 0;
	const wait = harvestWaits[germsOf(books, brew.code)];
	const asks: readonly (Issue | false)[] = [
		// A fading one is still good: it is the last hour to use it.
		state !== 'ripe' && state !== 'fading' && ask('brew-reason-wanted', { code: brew.code, state }),
		(input.parts < strongest || input.parts > finest) &&
			ask('odd-dilution', { strongest, finest, parts: input.parts }),
		odd.is !== 'usual' &&
			ask(`odd-watering-${odd.is}`, {
				name: bed.name,
				total_l: stop.asked,
				low_l: odd.usual.low,
				high_l: odd.usual.high
			}),
		judgeSalt(salt, input.seedlings ? 'seedlings' : 'soil') === 'too-strong' &&
			ask('too-salty', { salt }),
		bed.eatenRaw &&
			wait !== undefined &&
			ask('germs-near-food', { code: brew.code, name: bed.name, days: wait.onSoil_days })
	];
	const issues = asks.filter((one) => one !== false);
	if (issues.length > 0) throw new Refusal(issues);
}

const ask = (code: string, facts: NonNullable<Issue['facts']>): Issue => ({
	field: 'reason',
	code,
	facts
});
