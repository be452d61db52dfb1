import { brewsInStock, goodsInStock, vesselsInUse } from '$lib/server/questions/in-stock';
import { foundOf, foundOfBrew, smellsOf } from '$lib/server/questions/found';
import { inLitres } from '$lib/core/units';
import { judgeApplying, pouring, type TargetStands } from '$lib/core/applying';
import {
	dilutedAs,
	drinks,
	recipeOf,
	thinnedFor,
	waterBed,
	type BrewStuff,
	type WateredBed
} from '$lib/core/brews';
import { feedSchema, moveBrewSchema, strainSchema } from '$lib/input/brew-care';
import { drenchSchema } from '$lib/input/drench';
import { takeAwaySchema } from '$lib/input/ledger';
import { choicesOf, act, deskOf, newActId, smallActions } from '$lib/server/page';
import type { Books } from '$lib/server/db/books';
import type { Brew } from '$lib/server/db/brews';
import { stripWithin } from '$lib/server/questions/strip-words';
import { toPut } from '$lib/server/questions/applying';
import { standsOn } from '$lib/server/questions/stands';
import { bedToTreat } from '$lib/server/questions/targets';
import { lately } from '$lib/core/brews';
import { bedsListed } from '$lib/server/questions/kept-beds';
import { brewLine, cameOf, kinPlaced, setBack } from '$lib/server/questions/brews';
import { germsOf } from '$lib/server/questions/germs';
import { tubsHold } from '$lib/server/questions/vessels';
import { heldBecause } from '$lib/server/questions/standing';
import { drenchBeds } from '$lib/server/usecases/brews/drench-beds';
import { feedBrew, strainBrew } from '$lib/server/usecases/brews/strain-feed';
import { moveBrew } from '$lib/server/usecases/brews/move-brew';
import { takeAway } from '$lib/server/usecases/count-lot';
import { error } from '@sveltejs/kit';
import { drawn } from '../shown.server';
import { bedNote } from './bed-note';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

/** Salt of rain and most tap water, dS/m, where nobody read it. */
const plainWater_dS_m = 0.3;

export const load: PageServerLoad = (event) => {
	const { books, now_ms, reading } = deskOf(event);
	const brew = books.brews.maybeOne(event.params.lot) ?? error(404, 'No such brew');
	const found = foundOf(books, brew.lotId);
	const line = brewLine(found, brew, now_ms);
	const { recipe, code, name, volume_ul, startedAt_ms, stoppedAt_ms, strainedAt_ms } = brew;
	const germs = germsOf(books, brew.code);
	const findings = foundOfBrew(found, brew.lotId).toReversed();
	const salt = findings.find((one) => one.kind === 'salt' && one.of === 'brew');
	return {
		id: newActId(),
		brew: {
			recipe,
			code,
			name,
			volume_ul,
			startedAt_ms,
			stoppedAt_ms,
			strainedAt_ms,
			temperature_c: brew.temperature_c,
			start: brew.start
		},
		wentIn: brew.ingredients,
		state: line.state,
		window: line.window,
		asleep: line.asleep,
		warmth: line.warmth,
		tasks: line.tasks.filter(({ due_ms }) => due_ms <= now_ms),
		setBack_h: setBack(brew, line.window),
		smells: smellsOf(found, brew.lotId).toReversed(),
		findings,
		germs,
		...(salt?.kind === 'salt' ? { saltParts: thinnedFor(salt.dS_m, plainWater_dS_m, 'soil') } : {}),
		drenches: books.brews.drenches(brew.lotId),
		drawing: drawn(books, line, reading.system),
		kin: kinOf(books, brew),
		vessels:
			volume_ul > 0
				? choicesOf(event, freeTubs(books, now_ms), ({ name }) => name, 'vessel').rows
				: [],
		feeds: volume_ul > 0 ? feedsFor(event, books, brew) : [],
		...poursOf(event, books, brew, now_ms),
		held: heldBecause(books, brew.lotId)
	};
};

/** Its line as far as it is its own: what it descends from, and what came of it. */
function kinOf(books: Books, brew: Brew) {
	const placed = kinPlaced(books);
	const children = cameOf(books);
	const wanted = new Set<string>();
	const up = (code: string) => {
		if (wanted.has(code)) return;
		wanted.add(code);
		for (const from of placed.get(code)?.from ?? []) up(from);
	};
	up(brew.code);
	const down = (code: string) => {
		for (const one of children.get(code) ?? [])
			if (!wanted.has(one)) {
				wanted.add(one);
				down(one);
			}
	};
	down(brew.code);
	const kin = [...wanted].flatMap((code) => {
		const one = placed.get(code);
		return one ? [one] : [];
	});
	const tree = lately(kin, mostKin, brew.code);
	return { leaves: kin.length > 1 ? tree.leaves : [], earlier: tree.earlier };
}

/** A long line is drawn from its newest back. */
const mostKin = 24;

const freeTubs = (books: Books, now_ms: number) => {
	const holds = tubsHold(books, now_ms);
	return vesselsInUse(books)
		.filter(({ usedFor, name }) => usedFor === 'tub' && !holds.has(name))
		.map(({ name, capacity_l }) => ({ name, capacity_l }));
};

/** What more of it may go in: of its own parts, what is in stock or can be brought in. */
function feedsFor(event: RequestEvent, books: Books, { recipe }: Brew) {
	const { parts, base } = recipeOf(recipe);
	const takes = new Set<BrewStuff>([
		...parts.filter(({ inBag }) => !inBag).flatMap(({ from }) => from),
		...(base.of === 'water' ? [] : base.of)
	]);
	const stock = [...goodsInStock(books), ...brewsInStock(books)]
		.map((lot) => ({
			code: lot.code,
			name: lot.name,
			left_l: inLitres(lot.volume_ul),
			stuff: ('material' in lot ? lot.material : lot.recipe) as BrewStuff
		}))
		.filter(({ stuff }) => takes.has(stuff));
	return { takes: [...takes], stock: choicesOf(event, stock, ({ code }) => code, 'from').rows };
}

/** What pours, and where: beds that have had none for longest come first, what speaks against one beside it. */
function poursOf(event: RequestEvent, books: Books, brew: Brew, now_ms: number) {
	const { soil } = recipeOf(brew.recipe);
	const lot = brew.volume_ul > 0 && soil ? books.ledger.lot(brew.code) : undefined;
	const put = lot && toPut(books, lot, now_ms);
	if (!lot || !put || !soil) return { beds: [], otherBeds: undefined, strip: undefined };
	const { thing } = put;
	const { contents } = lot;
	const last = books.brews.lastOnBeds();
	const isSent = ({ name }: { readonly name: string }) =>
		(event.locals.sent?.[`diluted:${name}`] ?? '') !== '';
	const longestAgo = [...bedsListed(books)].sort(
		(a, b) => Number(isSent(b)) - Number(isSent(a)) || (last.get(a.id) ?? 0) - (last.get(b.id) ?? 0)
	);
	const part = choicesOf(event, longestAgo, ({ name }) => name, 'bed');
	const beds = part.rows.flatMap(({ id, name }) => {
		const bed = bedToTreat(books, name, now_ms);
		if (!bed) return [];
		const row = waterBed(bed, last.get(id) ?? null);
		const stands = standsOn(books, bed, now_ms);
		return { ...row, stands, note: noteOn(row, stands) };
	});
	/** As it is usually poured there: what speaks against it whatever the amount. */
	function noteOn(row: WateredBed, stands: TargetStands): string {
		const wanted = drinks(row.size);
		const gets = dilutedAs(wanted.value, soil!.usual);
		const how = { parts: soil!.usual, onto: 'soil' as const };
		const stop = { gets, wanted: wanted.value, size: row.size };
		const held_l = inLitres(lot!.volume_ul);
		const found = judgeApplying(pouring(thing, stands, how, stop, contents, held_l, now_ms));
		return bedNote(found, row);
	}
	return {
		pours: { thing, contents },
		beds,
		otherBeds: part.rest,
		strip: stripWithin(books, part.rows, now_ms, deskOf(event).reading.system)
	};
}

export const actions: Actions = {
	...smallActions('lot', ({ params }: RequestEvent) => params.lot, [
		'smell',
		'read-temperature',
		'stop-pump',
		'start-pump',
		'stir',
		'vent',
		'lid-leaks',
		'mend-lid',
		'doubt',
		'read-salt'
	]),
	strain: (event) => act(event, 'strain', (r) => strainSchema(r, event.params.lot), strainBrew),
	move: (event) => act(event, 'move', (r) => moveBrewSchema(r, event.params.lot), moveBrew),
	feed: (event) => act(event, 'feed', (r) => feedSchema(r, event.params.lot), feedBrew),
	drench: (event) => act(event, 'drench', (r) => drenchSchema(r, event.params.lot), drenchBeds),
	pour: (event) => act(event, 'pour', (r) => takeAwaySchema(r, event.params.lot), takeAway)
};
