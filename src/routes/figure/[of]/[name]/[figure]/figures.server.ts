import { defaultDepth, phLimits, roomFigure, shareFigure } from '$lib/core/beds';
import { moistureFigures } from '$lib/core/woodyard';
import { found, known, type Estimate } from '$lib/core/units';
import { booksPath, pathOf, type Figured } from '$lib/format/paths';
import { burnLine } from '$lib/server/questions/fires';
import { booksOf } from '$lib/server/questions/booked';
import { stackLine } from '$lib/server/questions/woodyard';
import { spreadFigures } from '../../../../beds/[name]/spread';
import { plannedFigures, reckonBurn } from '../../../../fires/[burn]/reckoning';
import { holdsFigure } from '../../../../ledger/[of]/[name]/holds';
import { heldFigure } from '../../../../vessels/[name]/reckoning';
import { leftFigure } from '../../../../woodyard/[lot]/reckoning';
import { capital } from '$lib/format/words';
import { askedTold } from './asked.server';
import { chargeTold } from './charge.server';
import { dosedTold } from './dosed.server';
import { movedTold } from './moved.server';
import { rules } from './rules';
import { asMeasured, asStated, told, type Question } from './told.server';
import { yardTold } from './yard.server';

/** The same figures that the pages of these things show, each told by itself. */
export const figuresOf: Readonly<Record<Figured, Question>> = {
	stack: (books, code, wanted) => {
		const stack = books.woodyard.maybeOne(code);
		if (!stack) return undefined;
		const [reading] = books.woodyard.readings(stack.lotId);
		const { left } = stackLine(books, stack, reading);
		return told(wanted, [code, pathOf('stack', code)], {
			dry: [`Dry wood left in ${code}`, leftFigure(stack.measured, left)],
			water: [`Water in ${code}, mean`, reading && moistureFigures(reading)?.mean],
			wettest: [`Wettest piece of ${code}`, reading && moistureFigures(reading)?.highest]
		});
	},
	fire: (books, code, wanted, { now_ms }) => {
		const burn = books.burns.maybeOne(code);
		if (!burn) return undefined;
		const { outcome, charCode } = burnLine(books, burn, now_ms);
		const char = charCode === undefined ? null : books.char.maybeOne(charCode);
		const gave =
			burn.record && char && outcome ? reckonBurn(burn.record, char.density, outcome) : undefined;
		return told(wanted, [code, pathOf('burn', code)], {
			char: [`Char from ${code}`, gave?.volume],
			yield: [`Yield of ${code}`, gave?.massYield],
			expected: [`Char to expect of ${code}`, burn.plan && plannedFigures(burn.plan).char]
		});
	},
	bed: (books, name, wanted, moment) => {
		if (wanted.includes(':')) return dosedTold(books, name, wanted, moment);
		const bed = books.beds.maybeOne(name);
		if (!bed) return undefined;
		const { char, ground } = bed;
		return told(wanted, [name, pathOf('bed', name)], {
			share: [`Char in ${name}`, shareFigure(char, ground)],
			target: [`Room to the target in ${name}`, roomFigure('target', char, ground)],
			ceiling: [`Room to the ceiling in ${name}`, roomFigure('ceiling', char, ground)],
			length: [`Length of ${name}`, asMeasured(bed.length_m, 'm', 'taped')],
			width: [`Width of ${name}`, asMeasured(bed.width_m, 'm', 'taped')],
			depth: [`Working depth of ${name}`, depthFigure(ground.depth)],
			ph: [`Soil of ${name}`, bed.ph === undefined ? undefined : phFigure(bed.ph)]
		});
	},
	vessel: (books, name, wanted) => {
		const vessel = books.vessels.maybeOne(name);
		if (!vessel) return undefined;
		return told(wanted, [name, pathOf('vessel', name)], {
			capacity: [`${name} holds to the rim`, heldFigure(vessel.shape, vessel.capacity_l)],
			depth: [`Depth of ${name}`, asMeasured(vessel.shape.depth * 100, 'cm', 'taped inside')]
		});
	},
	spread: (books, actId, wanted) => {
		const spread = books.beds.maybeApplication(actId);
		if (!spread) return undefined;
		const { char, kg } = spreadFigures(spread);
		const at = `from ${spread.lotCode} on ${spread.bedName}`;
		return told(wanted, [spread.bedName, pathOf('bed', spread.bedName)], {
			char: [`Char ${at}`, char],
			kg: [`Dry char ${at}`, kg]
		});
	},
	lot: (books, code, wanted, almanac) => {
		if (wanted.includes(':')) return askedTold(books, code, wanted, almanac);
		const lot = books.ledger.maybeLotEver(code);
		if (!lot) return undefined;
		const acts = booksOf(books, lot.id).map((act) => ({ ...act, at_ms: act.happenedAt_ms }));
		return told(wanted, [code, booksPath('lot', code)], {
			litres: [`In ${code}`, holdsFigure(lot, acts, 'L', almanac)],
			kg: [`Dry in ${code}`, holdsFigure(lot, acts, 'kg', almanac)],
			...chargeTold(books, lot)
		});
	},
	measure: (books, name, wanted) => {
		const measure = books.settings.measures().find((one) => one.name === name);
		const filled = 'filled with litre jugs, or typed so';
		return told(wanted, [name, '/settings'], {
			litres: [`One ${name}`, measure && asMeasured(measure.litres, 'L', filled)]
		});
	},
	moved: movedTold,
	yard: yardTold,
	rule: (_books, room, wanted) => {
		const rule = Object.hasOwn(rules, room) ? rules[room]?.get(wanted) : undefined;
		return rule && { ...rule, of: capital(room), href: roomOf[room] ?? '/', bounds: true };
	}
};

const roomOf: Readonly<Record<string, string>> = {
	wood: '/woodyard',
	soil: '/beds',
	dose: '/beds',
	nitrogen: '/charging',
	crush: '/charging',
	fires: '/fires',
	yield: '/fires'
};

/** What was read, beside the limits it is held against. */
const phFigure = (ph: number): Estimate => {
	const limit = (name: string, value: number) =>
		known(name, value, 'pH', 'default', phLimits.source);
	return found<number>(
		(v) => v,
		known('as read', ph, 'pH', 'measured', 'read in the soil'),
		[limit('sour below', phLimits.sour), limit('too high from', phLimits.alkaline)],
		{ unit: 'pH', basis: 'read in the soil' }
	);
};

/** Whether somebody typed the starting depth is not kept: it is told as what it is. */
const depthFigure = (depth: number): Estimate =>
	depth === defaultDepth
		? asStated(depth * 100, 'cm', 'the usual working depth, unless it was measured so', 'default')
		: asMeasured(depth * 100, 'cm', 'top soil that is worked, as measured');
